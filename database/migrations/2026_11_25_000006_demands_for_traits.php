<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** House rules and own precautions named traits that movements declared; they name demands now, which are worked out. */
return new class () extends Migration {
    /** Where no demand is the same, those that hold at least as much. */
    private const DEMANDS = [
        'head-below-heart' => 'head-low', 'neck-extension' => 'neck-back', 'neck-full-circle' => 'neck-circle', 'neck-end-rotation' => 'neck-turn',
        'neck-resistance' => 'head-press', 'arms-overhead' => 'arms-kept-up', 'arms-overhead-sustained' => 'arms-kept-up', 'arm-behind-back' => 'arm-behind',
        'shoulder-end-range' => 'arm-open-turned arm-up arm-behind', 'weight-through-wrists' => 'wrist-weight', 'deep-trunk-flexion' => 'deep-fold rounding', 'loaded-trunk-flexion' => 'deep-fold rounding',
        'end-range-twist' => 'trunk-turn twist-with-pull', 'back-arch' => 'arch', 'lean-outside-base' => 'lean-outside', 'hip-flexion-over-90' => 'hip-bend',
        'hip-inward-turn' => 'hip-inward', 'knee-end-flexion' => 'knee-bend', 'leg-behind' => 'hip-behind', 'long-lever-leg-lift' => 'long-lever',
        'single-leg-standing' => 'one-leg', 'balance-challenge' => 'standing lean-outside', 'rapid-position-change' => 'quick-change', 'breath-retention' => 'breath-pause',
        'isometric-hold' => 'press hold', 'self-massage-firm' => 'skin-press', 'tapping' => 'skin-pat', 'percussion-chest' => 'skin-pat', 'eyes-closed-standing' => 'eyes-closed',
        'feet-bare' => 'bare-feet', 'heat' => 'effort', 'complex-coordination' => 'steps', 'long-hold' => 'hold', 'kneeling' => 'knee-bend',
    ];

    public function up(): void
    {
        foreach (DB::table('places')->get(['id', 'document']) as $place) {
            $document = json_decode((string) $place->document, true);
            if (is_array($document) && is_array($document['never'] ?? null)) {
                $document['never'] = self::renamed($document['never']);
                DB::table('places')->where('id', $place->id)->update(['document' => json_encode($document)]);
            }
        }
        foreach (DB::table('own_precautions')->get(['id', 'document']) as $own) {
            $document = json_decode((string) $own->document, true);
            if (is_array($document)) {
                if (isset($document['avoid'])) {
                    $document['never'] = self::renamed($document['avoid']);
                }
                $document['limit'] = array_values(array_filter($document['limit'] ?? [], static fn (array $limit): bool => !isset($limit['trait'])));
                if ($document['limit'] === []) {
                    unset($document['limit']);
                }
                if ($document['watchAlways'] ?? false) {
                    $document['always'] = $document['watch'] ?? [];
                }
                unset($document['avoid'], $document['watchAlways']);
                DB::table('own_precautions')->where('id', $own->id)->update(['document' => json_encode($document)]);
            }
        }
    }

    /**
     * @param array<mixed> $traits
     * @return list<string>
     */
    private static function renamed(array $traits): array
    {
        return array_values(array_unique(array_merge(...array_map(
            static fn (mixed $trait): array => explode(' ', self::DEMANDS[(string) $trait] ?? (string) $trait),
            array_values($traits),
        ))));
    }
};
