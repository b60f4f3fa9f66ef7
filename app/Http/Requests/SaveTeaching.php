<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Files\Schemas;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use KindChair\Format\Craft;
use KindChair\Format\FormatError;
use KindChair\Movement\Naming;

/** How a teacher teaches, or a part of it. */
final class SaveTeaching extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'pattern' => ['sometimes', 'string', 'max:40'],
            'naming' => ['sometimes', Rule::enum(Naming::class)],
            'settings' => ['sometimes', 'array'],
            'setAside' => ['sometimes', 'array', 'max:40'],
            'setAside.*' => ['string', 'min:1', 'max:300'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $settings = $this->array('settings');
            try {
                if ($settings !== []) {
                    app(Schemas::class)->check('plan', $settings, '#/$defs/settings');
                }
            } catch (FormatError $wrong) {
                $validator->errors()->add('settings', $wrong->getMessage());
            }
            if ($this->filled('pattern') && !app(Craft::class)->patterns->has($this->string('pattern')->toString())) {
                $validator->errors()->add('pattern', 'Please choose one of the breath patterns.');
            }
        });
    }

    /** @return array<string, mixed> */
    public function teaching(): array
    {
        return Arr::only($this->validated(), ['pattern', 'naming', 'settings', 'setAside']);
    }
}
