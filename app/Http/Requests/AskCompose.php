<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Library\EverydayWords;
use App\Models\Group;
use App\Models\Place;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KindChair\Body\Zone;
use KindChair\Compose\Wish;
use KindChair\Movement\Position;
use KindChair\Movement\SpineDirections;

/** For whom, how long and what for: what a class is composed from. */
final class AskCompose extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $zones = implode(',', array_column(Zone::cases(), 'value'));

        return [
            'class' => ['bail', 'nullable', 'integer'],
            'group' => ['bail', 'nullable', 'integer'],
            'venue' => ['bail', 'nullable', 'integer'],
            'minutes' => ['required_without:class', 'integer', 'between:5,180'],
            'zones' => ['array:' . $zones],
            'zones.*' => ['numeric', 'between:0,' . Wish::MOST],
            'directions' => ['array', 'max:4'],
            'directions.*' => [Rule::in(SpineDirections::ALL)],
            'purposes' => ['array', 'max:5'],
            'purposes.*' => [Rule::in(array_column(EverydayWords::purposes(), 'id'))],
            'must' => ['array', 'max:30'],
            'must.*' => ['string', 'max:100'],
            'never' => ['array', 'max:300'],
            'never.*' => ['string', 'max:100'],
            'standing' => ['boolean'],
            'seed' => ['integer', 'between:1,1000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['minutes.*' => 'A class takes 5 to 180 minutes.'];
    }

    public function seatedClass(): ?SeatedClass
    {
        return $this->filled('class') ? $this->teacher()->classes()->findOrFail($this->integer('class')) : null;
    }

    public function group(): ?Group
    {
        return $this->filled('group') ? $this->teacher()->groups()->findOrFail($this->integer('group')) : null;
    }

    public function venue(): ?Place
    {
        return $this->filled('venue') ? $this->teacher()->places()->findOrFail($this->integer('venue')) : null;
    }

    /** @param list<list<string>> $recent movements of the last classes */
    public function wish(array $recent): Wish
    {
        $purposes = array_column(EverydayWords::purposes(), 'movements', 'id');
        /** @var list<string> $asked */
        $asked = $this->array('purposes');
        /** @var array<string, int|float> $zones */
        $zones = $this->array('zones');
        /** @var list<string> $directions */
        $directions = $this->array('directions');
        /** @var list<string> $must */
        $must = $this->array('must');
        /** @var list<string> $never */
        $never = $this->array('never');

        return new Wish(
            zones: array_map(floatval(...), $zones),
            directions: $directions,
            serving: array_values(array_unique(array_merge(...array_map(static fn (string $id): array => $purposes[$id], $asked)))),
            must: $must,
            never: $never,
            notTaken: $this->boolean('standing') ? [] : [Position::Standing],
            recent: $recent,
            seed: $this->integer('seed', 1),
        );
    }

    public function teacher(): User
    {
        /** @var User */
        return $this->user();
    }
}
