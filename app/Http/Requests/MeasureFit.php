<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use KindChair\Figure\SeatedFit;
use KindChair\People\Piece;
use KindChair\People\Seating;

/** A chair and a person, measured, with the blocks and books at hand. */
final class MeasureFit extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $millimetres = static fn (int $from, int $to, string $need = 'required'): array => [$need, 'integer', "min:$from", "max:$to"];

        return [
            'height' => $millimetres(300, 700),
            'depth' => $millimetres(250, 700),
            'armrest' => $millimetres(80, 400, 'nullable'),
            'lowerLeg' => $millimetres(200, 700),
            'thigh' => $millimetres(250, 800),
            'shoe' => $millimetres(0, 120),
            'elbow' => $millimetres(80, 400, 'nullable'),
            'shoulders' => $millimetres(250, 700, 'nullable'),
            'pieces' => ['array', 'max:30'],
            'pieces.*.name' => ['required', 'string', 'max:60'],
            'pieces.*.height' => $millimetres(1, 500),
            'pieces.*.count' => $millimetres(0, 100),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            '*.required' => 'Please measure this in millimetres.',
            '*.min' => 'This is less than a body or a chair measures. Millimetres, please.',
            '*.max' => 'This is more than a body or a chair measures. Millimetres, please.',
        ];
    }

    public function seating(): Seating
    {
        $given = $this->validated();

        return Seating::of(
            $given['height'],
            $given['depth'],
            $given['armrest'] ?? null,
            $given['lowerLeg'],
            $given['thigh'],
            $given['shoe'],
            $given['elbow'] ?? null,
            $given['shoulders'] ?? null,
            array_values(array_map(static fn (array $piece): Piece => new Piece($piece['name'], (int) $piece['height'], (int) $piece['count']), $given['pieces'] ?? [])),
        );
    }

    /** The person on the chair, to scale. */
    public function figure(Seating $fit): SeatedFit
    {
        $given = $this->validated();

        return SeatedFit::of($given['height'], $given['depth'], $given['armrest'] ?? null, $given['lowerLeg'], $given['thigh'], $given['shoe'], $fit->raiseSeat, $fit->cushionBehind, $fit->stack->height ?? 0);
    }
}
