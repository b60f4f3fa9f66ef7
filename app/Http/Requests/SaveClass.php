<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\User;
use App\Planning\Starters;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\Exists;

/** When, where and for whom a class is; for a new one also how long it may take and what it begins with. */
final class SaveClass extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:100'],
            'place' => ['nullable', 'string', 'max:100'],
            'startsAt' => ['bail', 'nullable', 'string', 'date_format:Y-m-d\TH:i', 'after:2000-01-01', 'before:2200-01-01'],
            'group' => ['bail', 'nullable', 'integer', $this->own('groups')],
            'venue' => ['bail', 'nullable', 'integer', $this->own('places')],
            'weekly' => ['boolean'],
            'starter' => ['nullable', Rule::in(array_column(Starters::all(), 'id'))],
            'plan' => ['array'],
            'copyOf' => ['bail', 'nullable', 'integer', $this->own('seated_classes')],
            'after' => ['bail', 'nullable', 'integer', $this->own('seated_classes')],
            'slotMinutes' => $this->isMethod('post') ? ['required', 'integer', 'between:5,180'] : ['exclude'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'title.*' => 'Please give the class a name of up to 100 letters, such as "Tuesday seated class".',
            'startsAt.*' => 'Please write the day and the hour as a date there is, such as 2026-12-01 at 10:30.',
            'place.*' => 'Please name the place in 100 letters or fewer.',
            'group.*' => 'Please choose one of your groups.',
            'starter.*' => 'Please choose what to begin with from the list.',
            'copyOf.*' => 'Please choose one of your classes.',
            'after.*' => 'Please choose one of your classes.',
            'plan.*' => 'Please take one of the classes that are shown.',
            'weekly.*' => 'Please say whether it is every week.',
            'venue.*' => 'Please choose one of your places.',
            'slotMinutes.*' => 'A class takes 5 to 180 minutes.',
        ];
    }

    /** @return array<string, mixed> by column */
    public function columns(): array
    {
        $given = $this->validated();

        return [
            'title' => $given['title'],
            'place' => $given['place'] ?? '',
            'starts_at' => $given['startsAt'] ?? null,
            'group_id' => $given['group'] ?? null,
            'place_id' => $given['venue'] ?? null,
            ...(isset($given['weekly']) ? ['is_weekly' => $given['weekly']] : []),
        ];
    }

    private function own(string $table): Exists
    {
        /** @var User $teacher */
        $teacher = $this->user();

        return Rule::exists($table, 'id')->where('user_id', $teacher->id);
    }
}
