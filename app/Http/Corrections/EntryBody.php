<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Validator;

/** What is to stand in the fields of an entry, in the words of the request that writes such entries. */
final readonly class EntryBody
{
    /** @param  array<string, mixed>  $body */
    private function __construct(private array $body)
    {
    }

    /**
     * @param  list<EntryField>  $fields
     * @param  array<string, mixed>  $sent  by name; what is not sent stays as it is
     * @param  bool  $keep  record what is unlikely all the same
     */
    public static function of(array $fields, array $sent, bool $keep): self
    {
        $body = ['keep' => $keep];
        foreach ($fields as $field) {
            Arr::set($body, $field->path(), $field->type->read(array_key_exists($field->name, $sent) ? $sent[$field->name] : $field->asSent()));
        }

        return new self($body);
    }

    /** @param  array<string, mixed>  $more  what such a request needs besides, and no field holds */
    public function with(array $more): self
    {
        return new self([...$this->body, ...$more]);
    }

    public function text(string $name): string
    {
        $value = $this->body[$name] ?? '';

        return is_scalar($value) ? (string) $value : '';
    }

    /**
     * Checked as if it had just been sent.
     *
     * @template T of FormRequest
     *
     * @param  class-string<T>  $class
     * @return T
     */
    public function as(string $class): FormRequest
    {
        $request = $class::create('/', 'POST', $this->body);
        $request->setContainer(app())->setRedirector(app('redirect'))->setUserResolver(fn () => Auth::user());
        $request->validateResolved();

        return $request;
    }

    /**
     * @param  array<string, list<mixed>>  $rules
     * @return array<string, mixed>
     */
    public function validated(array $rules): array
    {
        return Validator::make($this->body, $rules)->validate();
    }
}
