<?php

declare(strict_types=1);

namespace Database\Seeders;

/** The made-up Thursday ward round at Alder House: five people in bed, one of them flat, one moved by a carer, one with a drip, and two in wheelchairs. */
final class WardRound
{
    public const GROUP = 'Ward round, Alder House';
    public const TITLE = 'Thursday ward round';
    public const PLACE = 'Alder House, river ward';
    public const MINUTES = 20;

    /** @return list<array<string, mixed>> */
    public static function people(): array
    {
        $noted = static fn (string $code, ?string $side = null): array => array_filter(['code' => $code, 'side' => $side]);

        return [
            ['name' => 'Lotte B.', 'base' => 'bed', 'age' => '80+', 'pace' => 'slow', 'precautions' => [$noted('skin-fragile')], 'notes' => 'Loves the window bed. Heels free, always.'],
            ['name' => 'Matej D.', 'base' => 'bed', 'age' => '70-79', 'pace' => 'free', 'precautions' => [$noted('lines-tubes', 'right')], 'notes' => 'Drip in the right arm until Friday.'],
            ['name' => 'Nora F.', 'base' => 'bed', 'flat' => true, 'age' => '70-79', 'pace' => 'slow', 'precautions' => [$noted('bp-low')], 'notes' => 'Backrest stays down this week.'],
            ['name' => 'Otis G.', 'base' => 'bed', 'age' => '80+', 'pace' => 'needs-hand', 'precautions' => [$noted('stroke-side', 'left')], 'weak' => [['limb' => 'arm', 'side' => 'left', 'does' => 'carer'], ['limb' => 'leg', 'side' => 'left', 'does' => 'carer']], 'notes' => 'His carer Tilde comes along.'],
            ['name' => 'Pia H.', 'base' => 'bed', 'age' => '80+', 'pace' => 'slow', 'precautions' => [$noted('dementia'), $noted('hearing')]],
            ['name' => 'Ruben J.', 'base' => 'wheelchair', 'age' => '70-79', 'pace' => 'free', 'precautions' => [$noted('lungs')]],
            ['name' => 'Sela M.', 'base' => 'wheelchair', 'age' => '60-69', 'pace' => 'free', 'precautions' => [$noted('amputation', 'left')]],
        ];
    }

    /** @return list<array<string, mixed>> */
    public static function sections(): array
    {
        $entry = static fn (string $id, string $movement, string $variation, array $dose): array => ['id' => "w$id", 'movement' => $movement, 'variation' => $variation, 'dose' => $dose];
        $section = static fn (string $kind, array $entries, array $more = []): array => ['id' => $kind, 'kind' => $kind, ...$more, 'entries' => $entries];

        return [
            $section('arrive', [$entry('1', 'arrive', 'back', ['breaths' => 7])]),
            $section('breathe', [$entry('2', 'belly-breath', 'lap', ['breaths' => 8])]),
            $section('warm', [
                $entry('3', 'shoulder-lift', 'small', ['breaths' => 5]),
                $entry('4', 'open-close-hands', 'lap', ['repetitions' => 8]),
            ]),
            $section('head-to-toe', [
                $entry('5', 'neck-turn', 'small', ['breaths' => 4]),
                $entry('6', 'chin-nod', 'small', ['breaths' => 4]),
                $entry('7', 'arm-raise', 'gentle', ['repetitions' => 4]),
                $entry('8', 'forearm-turn', 'gentle', ['repetitions' => 6]),
                $entry('9', 'wrist-circles', 'supported', ['repetitions' => 8]),
                $entry('10', 'blades-squeeze', 'gentle', ['repetitions' => 5]),
                $entry('11', 'cat-cow', 'pelvis', ['breaths' => 6]),
                $entry('12', 'side-lean', 'elbow', ['breaths' => 3]),
                $entry('19', 'ease-the-seat', 'small', ['seconds' => 30]),
                $entry('13', 'buttock-squeeze', 'light', ['repetitions' => 4]),
                $entry('14', 'leg-extension', 'half', ['repetitions' => 4]),
                $entry('15', 'ankle-pumps', 'floor', ['repetitions' => 10]),
                $entry('16', 'toe-spread', 'think', ['repetitions' => 6]),
            ]),
            $section('settle', [
                $entry('17', 'longer-out-breath', 'gentle', ['breaths' => 6]),
                $entry('18', 'quiet-sitting', 'back', ['breaths' => 12]),
            ], ['pattern' => 'longer-out-short']),
        ];
    }
}
