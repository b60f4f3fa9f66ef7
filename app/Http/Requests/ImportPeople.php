<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Group;

/** Which people of a file come in, and which of them are known already. */
final class ImportPeople extends PeopleFileRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...parent::rules(),
            'rows' => ['required', 'array', 'max:' . Group::MOST],
            'rows.*' => ['integer'],
            'same' => ['array'],
            'same.*' => ['integer'],
        ];
    }
}
