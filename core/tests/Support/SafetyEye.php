<?php

declare(strict_types=1);

namespace KindChair\Tests\Support;

use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Settled;
use KindChair\Figure\Skeleton;
use KindChair\Figure\Vector;
use KindChair\Fit\Assignment;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Position;
use KindChair\Movement\Variation;
use KindChair\People\NotedPrecaution;
use KindChair\People\Participant;
use KindChair\People\WeakLimbDoes;

/**
 * Looks at what somebody is offered as a careful person in the room would: at the drawn points, at what the file says of
 * hands and effort, and at a list of its own of what each condition must be kept from. It shares no code and no data with
 * what chooses; it measures coordinates, not joint angles. Long because it is one look at all of somebody.
 */
final class SafetyEye
{
    /** By code: what must not be seen. A number after a colon is the most that may be. */
    private const FORBIDS = [
        'bp-high-controlled' => ['pause'],
        'bp-high-uncontrolled' => ['pause', 'head-low', 'pressing', 'round-fold'],
        'bp-low' => ['head-low', 'lying', 'standing'],
        'heart' => ['pause', 'head-low', 'pressing', 'lying'],
        'lungs' => ['pause', 'lying'],
        'vertigo' => ['head-low', 'head-circle', 'lying', 'standing', 'head-back:3'],
        'osteoporosis' => ['round-fold', 'rounding:21', 'turn:23', 'hands-weigh-on-head', 'pulled-twist'],
        'disc' => ['round-fold', 'rounding:16', 'hands-weigh-on-head', 'pulled-twist'],
        'stenosis' => ['arching:6'],
        'neck-arthritis' => ['hand-on-head', 'head-circle', 'pressing-head', 'head-turn:31'],
        'neck-unstable' => ['hand-on-head', 'head-circle', 'pressing-head', 'head-turn:19', 'hands-weigh-on-head'],
        'fall-recent' => ['one-leg'],
        'hip-replaced-back' => ['crossed', 'ankle-up', 'hip-closed:97'],
        'hip-replaced-front' => ['leg-behind:3'],
        'hip-replaced' => ['crossed', 'ankle-up', 'hip-closed:97', 'leg-behind:3'],
        'knee-replaced' => ['ankle-up', 'knee:111'],
        'knee-pain' => ['ankle-up', 'knee:111'],
        'shoulder-limited' => ['arm:91', 'behind', 'wrist-weight', 'drawn-arm'],
        'wrist-hand' => ['wrist-weight', 'grip', 'drawn-hand'],
        'stroke-side' => ['arm:91', 'wrist-weight', 'drawn-arm', 'behind', 'standing'],
        'parkinsons' => ['one-leg'],
        'sci' => ['hands-off'],
        'amputation' => ['asks-absent-leg'],
        'eyes-pressure' => ['pause', 'head-low', 'round-fold', 'pressing-head'],
        'pregnancy' => ['pause', 'lying', 'belly', 'round-fold', 'turn:23', 'on-the-front'],
        'hernia-surgery' => ['pressing', 'belly'],
        'reflux-meal' => ['head-low', 'lying', 'belly', 'round-fold'],
        'dementia' => ['shapes:3'],
        'epilepsy' => ['pause'],
        'pacemaker-recent' => ['arm:91', 'behind', 'wrist-weight', 'drawn-arm'],
        'lines-tubes' => ['belly', 'on-the-front'],
        'skin-fragile' => ['rubbing', 'patting', 'pressing-skin', 'strap'],
        'neuropathy' => ['bare', 'edge', 'standing'],
        'circulation' => ['pressing-skin', 'strap'],
        'slipped-vertebra' => ['arching:6', 'turn:23', 'pulled-twist'],
        'diabetes' => ['bare'],
        'lymphoedema' => ['patting', 'pressing-skin', 'strap'],
        'spasticity' => ['lying', 'standing'],
        'trauma-aware' => ['eyes-closed', 'hand-on-head'],
        'surgery-recent' => ['round-fold', 'wrist-weight', 'standing', 'pressing', 'head-low', 'belly', 'hip-closed:97'],
        'today-dizzy' => ['head-low', 'lying', 'standing', 'eyes-closed', 'head-circle'],
        'today-fall' => ['one-leg', 'standing'],
    ];

    /** What is one side's own, and which word of a hand or leg tells the side. */
    /** Places of a thing that is held or lain on, and so leaves no hand for an armrest. */
    private const TAKES_HANDS = ['in-hands', 'round-foot', 'round-thigh', 'in-arms', 'on-lap', 'in-hand', 'between-palms', 'in-front', 'under-arm'];
    private const SIDED = ['arm', 'behind', 'wrist-weight', 'drawn-arm', 'drawn-hand', 'crossed', 'ankle-up', 'hip-closed', 'leg-behind', 'knee', 'hand-on-head', 'edge', 'strap'];

    /** @var array<string, array<string, mixed>> */
    private static array $files = [];

    /** @var array<string, array<string, float>> what was seen before of the same */
    private static array $looked = [];

    /** @return list<string> what is seen and must not be */
    public static function sees(Participant $person, Assignment $asked, PersonVersion $version): array
    {
        if ($version->movement === null) {
            return [];
        }
        $seen = [];
        foreach ($asked->movement->id === $version->movement ? $asked->sides : Side::cases() as $named) {
            $facts = self::facts($person, $version, $named, $asked->pattern->holdFull + $asked->pattern->holdEmpty > 0 && !$version->ownBreath);
            foreach ($person->precautions as $noted) {
                foreach (self::FORBIDS[$noted->precaution->code] ?? [] as $rule) {
                    $what = (string) strtok($rule, ':');
                    $most = strtok(':');
                    foreach (self::sidesThatCount($what, $noted) as $side) {
                        $measure = $facts[$what . $side] ?? 0;
                        if ($measure > (float) $most) {
                            $seen[] = "{$noted->precaution->code}: $what$side " . round($measure) . " in $version->movement/$version->variation";
                        }
                    }
                }
            }
            foreach ($person->weakLimbs as $weak) {
                foreach (['wrist-weight', 'drawn-arm'] as $load) {
                    if ($weak->limb->value === 'arm' && ($facts["$load-{$weak->side->value}"] ?? 0) > 0) {
                        $seen[] = "weak {$weak->side->value} arm: $load in $version->movement/$version->variation";
                    }
                }
            }
            if ($facts['standing'] > 0 && $asked->variation->position !== Position::Standing) {
                $seen[] = "planned seated, offered standing: $version->movement/$version->variation";
            }
        }
        if ($version->movement === $asked->movement->id && $asked->movement->variation((string) $version->variation)->level > $asked->variation->level) {
            $seen[] = "above the planned level: $version->movement/$version->variation";
        }

        return array_values(array_unique($seen));
    }

    /** @return list<string> endings of the facts that a precaution is about */
    private static function sidesThatCount(string $what, NotedPrecaution $noted): array
    {
        if (!in_array($what, self::SIDED, true)) {
            return [''];
        }

        return array_map(static fn (Side $side): string => "-$side->value", $noted->side === null ? Side::cases() : [$noted->side]);
    }

    /** @return array<string, float> what is seen while one side is named, by name; sided ones end in -left and -right */
    private static function facts(Participant $person, PersonVersion $version, Side $named, bool $pauses): array
    {
        $key = json_encode([$version->movement, $version->variation, $person->base, $person->isFlat(), $named, $pauses, $version->caps, $version->sides, $person->weakLimbs], JSON_THROW_ON_ERROR);

        return self::$looked[$key] ??= self::look($person, $version, $named, $pauses);
    }

    /** @return array<string, float> */
    private static function look(Participant $person, PersonVersion $version, Side $named, bool $pauses): array
    {
        $movement = Make::craft()->library->get((string) $version->movement);
        $rung = $movement->variation((string) $version->variation);
        $done = ($version->sides[$named->value] ?? null) === WeakLimbDoes::AbleSide ? $named->other() : $named;
        $facts = self::written($movement->id, $rung->id, $done, $person, $version);
        $facts['pause'] = $pauses || str_contains((string) json_encode(array_column(self::file($movement->id)['steps'], 'breath')), 'hold') && $rung->level > 1 ? 1.0 : 0.0;
        $facts['standing'] = $rung->position === Position::Standing ? 1.0 : 0.0;
        $facts['shapes'] = 0.0;
        // Who lies flat does a shape of its own in place of one that was made for sitting: both are looked at.
        $lying = $person->isFlat() && $rung->lying() !== $rung ? $rung->lying() : null;
        foreach ([$rung, ...array_filter([$lying])] as $shape) {
            $base = $shape->allows($person->base) ? $person->base : $shape->mainBase();
            $seat = DrawnSeat::of($base, $shape->position);
            $still = Skeleton::of(Settled::rest($seat), $seat);
            $shown = self::asDone($shape->heldTo($version->caps), $person, $version, $movement->laterality->isSided(), $done);
            $shapes = [];
            foreach ($shown->anglesOn($base) as $angles) {
                $drawn = Skeleton::of(Settled::step($shown, $angles, $seat, $done), $seat);
                $shapes[self::print($drawn)] = true;
                foreach (self::drawn($drawn, $still, $seat) as $what => $measure) {
                    // Who lies flat lies already, whatever they do there.
                    $facts[$what] = $what === 'lying' && $shape === $lying ? $facts[$what] : max($facts[$what] ?? 0.0, $measure);
                }
            }
            $facts['shapes'] = max($facts['shapes'], (float) count($shapes));
        }
        foreach ($lying->body->hands ?? [] as $hand) {
            foreach (in_array($hand->on, [HandPlace::Head, HandPlace::HeadBack], true) ? array_filter($hand->who->sides($done)) : [] as $side) {
                $facts["hand-on-head-$side->value"] = 1.0;
            }
        }
        foreach (Side::cases() as $side) {
            $facts["behind-$side->value"] = max($facts["behind-$side->value"] ?? 0.0, $facts["hand-behind-$side->value"] ?? 0.0);
        }
        $facts['round-fold'] = ($facts['rounding'] ?? 0) > 14 && ($facts['lean'] ?? 0) > 20 ? 1.0 : 0.0;

        return $facts;
    }

    /** A shape with what rests at rest, and the hand that holds on where it holds. */
    private static function asDone(Variation $shape, Participant $person, PersonVersion $version, bool $isSided, Side $done): Variation
    {
        foreach ($person->weakLimbs as $weak) {
            if (in_array($version->sides[$weak->side->value] ?? null, [WeakLimbDoes::Rests, WeakLimbDoes::Absent], true)) {
                $shape = $shape->resting($weak->limb, $weak->side, $done);
            }
        }
        $holding = self::holding($version, $isSided, $done);

        return $holding === null ? $shape : $shape->resting(Limb::Arm, $holding, $done);
    }

    /** @return array<string, float> measured on the points */
    private static function drawn(Skeleton $drawn, Skeleton $still, DrawnSeat $seat): array
    {
        $at = $drawn->point(...);
        $lower = self::way($at('hips'), $at('middle'));
        $upper = self::way($at('middle'), $at('chest'));
        $pitch = static fn (Vector $v): float => rad2deg(atan2($v->z, $v->y));
        // The lower half takes 35 hundredths of what a back rounds.
        $bend = ($pitch($upper) - $pitch($lower)) / 0.65;
        $facts = [
            'rounding' => max(0.0, $bend),
            'arching' => max(0.0, -$bend),
            'lean' => $pitch($lower) - $pitch(self::way($still->point('hips'), $still->point('middle'))),
            'lying' => abs($pitch($lower)) > 70 && $seat === DrawnSeat::FlatBed ? 1.0 : 0.0,
            'head-low' => $seat !== DrawnSeat::FlatBed && $at('head')->y <= $at('chest')->y - 0.01 ? 1.0 : 0.0,
        ];
        $across = self::way($at('shoulder-left'), $at('shoulder-right'));
        $facts['turn'] = abs(rad2deg(atan2($across->z, hypot($across->x, $across->y))));
        foreach (Side::cases() as $side) {
            $s = "-$side->value";
            $arm = self::way($at("shoulder$s"), $at("elbow$s"));
            $down = self::way($at('chest'), $at('middle'));
            $facts["arm$s"] = self::between($arm, $down);
            $thigh = self::way($at("hip$s"), $at("knee$s"));
            $shin = self::way($at("knee$s"), $at("ankle$s"));
            $facts["knee$s"] = self::between($thigh, $shin);
            $facts["leg-behind$s"] = $seat === DrawnSeat::Sideways || $seat === DrawnSeat::Standing ? max(0.0, rad2deg(atan2(-$thigh->z, -$thigh->y))) : 0.0;
            $rest = self::way($still->point("hip$s"), $still->point("knee$s"));
            // What trunk and thigh make of it at rest; what the thigh rises and the trunk leans comes to it.
            $facts["hip-closed$s"] = 180.0 - self::between(self::way($still->point('hips'), $still->point('middle')), $rest)
                + rad2deg(asin(max(-1.0, min(1.0, $thigh->y)))) - rad2deg(asin(max(-1.0, min(1.0, $rest->y)))) + max(0.0, $facts['lean'] - 0.35 * $facts['rounding']);
        }

        return $facts;
    }

    /** @return array<string, float> what the file says of hands, effort and the rest */
    private static function written(string $movement, string $rung, Side $named, Participant $person, PersonVersion $version): array
    {
        $file = self::file($movement);
        [$plain, $prop] = [...explode('+', $rung), null];
        $found = array_values(array_filter($file['variations'], static fn (array $one): bool => $one['id'] === $plain))[0];
        $body = $found['body'] ?? $file['body'] ?? [];
        $body = $prop === null ? $body : self::withProp($body, array_values(array_filter($file['withProps'], static fn (array $one): bool => "$one[prop]-$one[at]" === $prop))[0]);
        $body = self::onBase($body, $file, $found, $person, $prop === null ? [] : array_values(array_filter($file['withProps'], static fn (array $one): bool => "$one[prop]-$one[at]" === $prop))[0]);
        $sides = ['work' => [$named], 'other' => [$named->other()], 'both' => Side::cases(), 'hand' => [$named]];
        $facts = ['hands-off' => 0.0];
        $holding = self::holding($version, in_array($file['laterality']['sides'], ['one-sided', 'alternating'], true), $named);
        $held = $resting = $holding === null ? [] : [$holding->value];
        foreach ($person->weakLimbs as $weak) {
            if ($weak->limb->value === 'arm' && $weak->does !== WeakLimbDoes::Assisted) {
                $resting[] = $weak->side->value;
            }
        }
        foreach ($body['hands'] ?? [] as $hand) {
            foreach ($sides[$hand['who']] as $side) {
                $key = "-$side->value";
                if ($hand['bears'] ?? false) {
                    $facts["wrist-weight$key"] = 1.0;
                }
                // An arm that rests lies nowhere else.
                if (in_array($side->value, $resting, true)) {
                    continue;
                }
                $facts += match ($hand['on']) {
                    'head', 'head-back' => ["hand-on-head$key" => 1.0],
                    'low-back', 'upper-back' => ["hand-behind$key" => 1.0],
                    default => [],
                };
                if (in_array($hand['on'], ['thigh', 'knee', 'shin', 'seat', 'armrest', 'backrest', 'table'], true)) {
                    $held[] = $side->value;
                }
            }
        }
        foreach ($found['angles'] ?? array_column($file['steps'], 'angles', 'id') as $roles) {
            $moving = [];
            foreach ($roles as $role => $actions) {
                foreach ($actions as $action => $degrees) {
                    if ($degrees > 0 && preg_match('/^(shoulder-(flexion|abduction|across|extension)|elbow)/', $action) === 1) {
                        $moving = [...$moving, ...array_column($sides[$role] ?? [], 'value')];
                    }
                }
            }
            $able = array_diff(['left', 'right'], array_map(static fn ($weak): string => $weak->limb->value === 'arm' ? $weak->side->value : '', $person->weakLimbs));
            $isScaledAway = ($found['share'] ?? 1) === 0;
            if (!$isScaledAway && count(array_unique(array_diff(array_intersect($moving, $able), $held))) === 2) {
                $facts['hands-off'] = 1.0;
            }
        }
        foreach ($body['pulls'] ?? [] as $pulled) {
            foreach ($sides[$pulled] as $side) {
                $facts[($pulled === 'hand' ? 'drawn-hand' : 'drawn-arm') . "-$side->value"] = 1.0;
            }
        }
        if (isset($body['legs'])) {
            $facts[(str_starts_with($body['legs'], 'ankle-on') ? 'ankle-up' : 'crossed') . "-$named->value"] = 1.0;
        }
        $effort = $body['effort'] ?? [];
        $also = $body['also'] ?? [];
        $touch = array_column($body['touch'] ?? [], 'does');

        return $facts + array_map(static fn (bool $is): float => $is ? 1.0 : 0.0, [
            'pressing' => array_intersect($effort, ['press', 'squeeze', 'head-press']) !== [],
            'pressing-head' => in_array('head-press', $effort, true),
            'grip' => in_array('grip', $effort, true),
            'rubbing' => in_array('rub', $touch, true),
            'patting' => in_array('pat', $touch, true),
            'pressing-skin' => in_array('press', $touch, true),
            'belly' => in_array('belly-pressed', $also, true),
            'eyes-closed' => in_array('eyes-closed', $also, true),
            'bare' => in_array('bare-feet', $also, true),
            "edge-$named->value" => in_array('edge-under-foot', $also, true),
            "strap-$named->value" => in_array('strap-on-foot', $also, true),
            'head-circle' => in_array('neck-circle', $also, true),
            'hands-weigh-on-head' => in_array('head-weighted', $also, true),
            'on-the-front' => in_array('prone', $also, true),
            'one-leg' => in_array('one-leg', $also, true),
        ]);
    }

    /**
     * What the file says with a prop in the person's hand or under their foot.
     *
     * @param array<string, mixed> $body
     * @param array<string, mixed> $option
     * @return array<string, mixed>
     */
    private static function withProp(array $body, array $option): array
    {
        $adds = $option['adds'] ?? [];
        $taken = array_column($adds['hands'] ?? [], 'who');
        $left = array_filter($body['hands'] ?? [], static fn (array $hand): bool => !($option['letsGo'] ?? false)
            && ($taken === [] || !in_array($hand['who'], $taken, true) && $hand['who'] !== 'both' && !in_array('both', $taken, true)));

        // A foot on a block or ball is on no leg.
        unset($body[$option['at'] === 'under-foot' ? 'legs' : '']);

        return [
            'hands' => [...$left, ...$adds['hands'] ?? []],
            'effort' => [...$body['effort'] ?? [], ...$adds['effort'] ?? []],
            'also' => array_diff([...$body['also'] ?? [], ...$adds['also'] ?? []], $option['frees'] ?? []),
        ] + $body;
    }

    /**
     * What the file says of somebody on their base, whose line may have the hands elsewhere.
     *
     * @param array<string, mixed> $body
     * @param array<string, mixed> $file
     * @param array<string, mixed> $rung
     * @param array<string, mixed> $option the prop that is used; empty without one
     * @return array<string, mixed>
     */
    private static function onBase(array $body, array $file, array $rung, Participant $person, array $option): array
    {
        $base = $person->base->value;
        $own = $rung['forBase'][$base] ?? [];
        $line = is_string($own) || isset($own['say']) || isset($own['hands']) ? $own : $file['forBase'][$base] ?? [];
        $hands = is_array($line) ? $line['hands'] ?? [] : [];
        $isTaken = isset($option['adds']['hands']) || ($option['letsGo'] ?? false) || in_array($option['at'] ?? '', self::TAKES_HANDS, true);

        return $hands === [] || $isTaken || !in_array($base, $rung['bases'], true) ? $body : self::withProp($body, ['at' => '', 'adds' => ['hands' => $hands]]);
    }

    /** The hand that holds on, when one does. */
    private static function holding(PersonVersion $version, bool $isSided, Side $named): ?Side
    {
        $side = array_search(WeakLimbDoes::Steadies, $version->sides, true);

        return $side === false ? null : ($isSided ? $named->other() : Side::from($side));
    }

    /** @return array<string, mixed> */
    private static function file(string $movement): array
    {
        return self::$files[$movement] ??= (array) json_decode((string) file_get_contents(dirname(__DIR__, 2) . "/data/movements/$movement.json"), true);
    }

    private static function way(Vector $from, Vector $to): Vector
    {
        $length = max(0.001, sqrt(($to->x - $from->x) ** 2 + ($to->y - $from->y) ** 2 + ($to->z - $from->z) ** 2));

        return new Vector(($to->x - $from->x) / $length, ($to->y - $from->y) / $length, ($to->z - $from->z) / $length);
    }

    private static function between(Vector $a, Vector $b): float
    {
        return rad2deg(acos(max(-1.0, min(1.0, $a->x * $b->x + $a->y * $b->y + $a->z * $b->z))));
    }

    private static function print(Skeleton $drawn): string
    {
        $print = '';
        foreach (['middle', 'chest', 'head', 'nose', 'elbow-left', 'elbow-right', 'wrist-left', 'wrist-right', 'knee-left', 'knee-right', 'ankle-left', 'ankle-right', 'toe-left', 'toe-right'] as $point) {
            $at = $drawn->point($point);
            $print .= round($at->x) . ',' . round($at->y) . ',' . round($at->z) . ';';
        }

        return $print;
    }
}
