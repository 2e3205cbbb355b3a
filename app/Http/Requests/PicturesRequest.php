<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Picture;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;

final class PicturesRequest extends FormRequest
{
    private const MOST = 300;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['fish' => ['nullable', 'integer'], 'system' => ['nullable', 'integer'], 'entry_kind' => ['nullable', 'string', 'max:40'], 'entry_id' => ['nullable', 'integer']];
    }

    /** @return Builder<Picture> newest first */
    public function asked(): Builder
    {
        $of = array_filter(['fish_id' => $this->integer('fish'), 'system_id' => $this->integer('system')]);
        if ($this->filled('entry_kind')) {
            $of = ['entry_kind' => $this->string('entry_kind')->value(), 'entry_id' => $this->integer('entry_id')];
        }
        if ($of === []) {
            throw InvalidEntry::because('fish', Finding::of('picture.of_whom'));
        }

        return Picture::query()->where($of)->orderByDesc('date')->orderByDesc('time')->orderByDesc('id')->limit(self::MOST);
    }
}
