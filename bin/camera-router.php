<?php

declare(strict_types=1);

/*
 * What the simulated camera answers (php artisan biomegas:camera): a picture
 * under /still.jpg, as network cameras with still images have it, and what it
 * knows of that picture under /scene.json. ?frame=7 asks for a certain one.
 */

use App\Camera\RayTracer;
use App\Camera\SceneOfSystem;
use App\Camera\SceneTold;
use App\Facility\FacilityReader;
use Illuminate\Contracts\Console\Kernel;

const SECONDS_PER_FRAME = 10;

require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
if (! in_array($path, ['/still.jpg', '/scene.json'], true)) {
    http_response_code(404);
    exit;
}
$frame = ctype_digit((string) ($_GET['frame'] ?? '')) ? (int) $_GET['frame'] : intdiv(time(), SECONDS_PER_FRAME);
$kept = $app->make(FacilityReader::class)->read();
$scene = SceneOfSystem::of($kept, $kept->system((int) getenv('CAMERA_SYSTEM')), $frame % 0x7FFFFFFF);
header('Cache-Control: no-store');
if ($path === '/scene.json') {
    header('Content-Type: application/json');
    echo json_encode(SceneTold::of($scene), JSON_THROW_ON_ERROR);
} else {
    header('Content-Type: image/jpeg');
    imagejpeg((new RayTracer($scene))->picture(), null, 90);
}
