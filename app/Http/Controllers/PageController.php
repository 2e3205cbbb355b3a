<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\FirstPrint;
use App\Http\Resources\Session;
use App\Models\FacilitySettings;
use App\Models\User;
use App\People\SignIns;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Throwable;

/**
 * The one page of the application; its own router reads the address. What its scripts would ask for first is printed
 * into it, so that a slow phone shows the round while they are still on the way (docs/decisions/0035).
 */
final readonly class PageController
{
    public function __construct(private SignIns $signIns)
    {
    }

    public function show(Request $request): View
    {
        try {
            $user = $this->signIns->standing($request);
            $settings = FacilitySettings::query()->first();
            $first = $user instanceof User && $settings !== null && $request->is('/') ? FirstPrint::of($settings) : null;

            return view('app', ['first' => $first, 'answers' => [
                'session' => Session::of($user, $settings),
                ...($first === null ? [] : ['today' => $first->today]),
            ]]);
        } catch (Throwable $e) {
            // The page asks for itself, and says what is wrong.
            report($e);

            return $this->shell();
        }
    }

    /** The page alone, of nobody: it is kept on devices to be opened without a network. */
    public function shell(): View
    {
        return view('app', ['first' => null, 'answers' => []]);
    }
}
