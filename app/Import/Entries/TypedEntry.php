<?php

declare(strict_types=1);

namespace App\Import\Entries;

use App\Language\Messages;
use App\Models\User;
use Biomegas\Finding\Refusal;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Http\Request;
use Illuminate\Routing\Router;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Sends an entry to where a keeper's form would send it: it is checked there and nowhere else. */
final readonly class TypedEntry
{
    private const WRITTEN = 201;

    public function __construct(private Application $app, private Router $router)
    {
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  bool  $keep  also what is unlikely
     * @return array{int|null, list<string>, bool} the number of what was written, else what stands against it, and whether that is a doubt
     */
    public function send(User $user, string $path, array $body, bool $keep): array
    {
        $outer = $this->app->make('request');
        $request = Request::create("/api/v1/{$path}", 'POST', server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'], content: (string) json_encode([...$body, ...($keep ? ['keep' => true] : [])]));
        $this->app->forgetScopedInstances();
        $this->app->instance('request', $request);
        $before = Auth::guard('web')->user();
        Auth::guard('web')->setUser($user);
        try {
            $answer = $this->router->dispatch($request);
            $told = json_decode((string) $answer->getContent(), true);

            return $answer->getStatusCode() === self::WRITTEN
                ? [(int) $told['id'], [], false]
                : [null, array_values(array_unique([...array_merge(...array_values($told['errors'] ?? [])), ...(($told['errors'] ?? []) === [] ? [(string) $told['message']] : [])])), isset($told['question'])];
        } catch (ValidationException $e) {
            return [null, array_values(array_unique(array_merge(...array_values($e->errors())))), false];
        } catch (Refusal $refusal) {
            return [null, [Messages::ofFacility()->say($refusal->finding())], false];
        } catch (HttpExceptionInterface $e) {
            return [null, [$e->getMessage()], false];
        } finally {
            $this->app->instance('request', $outer);
            if ($before !== null) {
                Auth::guard('web')->setUser($before);
            }
        }
    }
}
