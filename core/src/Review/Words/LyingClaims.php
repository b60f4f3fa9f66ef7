<?php

declare(strict_types=1);

namespace KindChair\Review\Words;

use KindChair\Body\JointAction as J;
use KindChair\Movement\HandPlace as H;
use KindChair\Movement\PropPlace;

/** What the lines for who lies flat are held to: what they say moves or lies somewhere is in the shape that is drawn. */
final readonly class LyingClaims
{
    /** Degrees from which an arm goes to the ceiling, lies out on the sheet, and a knee is bent. */
    private const CEILING = 60;
    private const OUT = 30;
    private const BENT = 20;

    /** @return list<Claim> */
    public static function all(): array
    {
        return [...self::body(), ...self::limbs(), ...self::hands()];
    }

    /** @return list<Claim> */
    private static function body(): array
    {
        $some = static fn (string $pattern, string $else, J ...$actions): Claim => new Claim($pattern, static fn (Said $said): bool => $said->most(null, ...$actions) > 0, $else);

        return [
            $some('/\b(slide|glide|roll)s? the ribs\b|\bribs (slide|and feet)\b|\blike a (banana|sickle)\b/i', 'the ribs do not slide', J::TrunkSide),
            $some('/\bshoulder (grows |a little )?light(ens)?\b|\bshoulder lightens\b/i', 'no shoulder lightens', J::TrunkTurn),
            $some('/\b(roll the head|head rolls)\b/i', 'the head does not roll', J::NeckTurn),
            $some('/\b(draw the )?chin in\b/i', 'the chin is not drawn in', J::NeckFlexion),
            $some('/\bhollow\b|\bbreastbone (lifts|widens|wide)\b/i', 'the back does not arch', J::TrunkExtension),
        ];
    }

    /** @return list<Claim> */
    private static function limbs(): array
    {
        $most = static fn (string $pattern, int $least, string $else, J ...$actions): Claim => new Claim($pattern, static fn (Said $said): bool => $said->most(null, ...$actions) >= $least, $else);

        return [
            $most('/\btoes\b[^,.;]*\b(up|towards|drawn)\b|\bdraw the toes\b/i', 5, 'no toes come up', J::AnkleUp, J::ToesUp),
            $most('/\bpoint(ed)?( both)?( the)? (foot|feet)\b|\bpress the foot long\b/i', 5, 'no foot points', J::AnkleDown),
            $most('/\b(knees?|leg) (is |are )?(a little )?bent\b(?! if)|\bfeet down\b|\bknee bends\b/i', self::BENT, 'no knee is bent', J::KneeFlexion),
            $most('/\bheel slides\b|\bslide the foot up\b|\bfoot slides up\b|\bit slides (up|away)\b/i', self::BENT, 'no foot slides', J::KneeFlexion),
            $most('/\bknees? (falls?|sinks?|drops?)? ?out\b/i', 5, 'no knee falls out', J::HipOutward, J::HipAbduction),
            $most('/\b(leg|heel)\b[^,.;]*\bslides? out\b|\b(legs|feet) (a little )?apart\b/i', 5, 'no leg goes out', J::HipAbduction),
            $most('/\b(arms?|hands?|palms?|elbows?)\b[^.;]*\b(to|towards) the ceiling\b/i', self::CEILING, 'no arm goes to the ceiling', J::ShoulderFlexion, J::ElbowFlexion),
            $most('/\b(arms?|elbows?)\b[^.;]*\b(opens?|out|wide)\b[^.;]*\b(sheet|mattress|bed)\b/i', self::OUT, 'no arm opens', J::ShoulderAbduction),
            $most('/\bforearms upright\b|\bhands in the air\b|\bhands circle above\b/i', self::CEILING, 'no forearm is upright', J::ElbowFlexion),
            new Claim('/\b(over|under)\b[^.;]*\b(pillow|roll|knees)\b[^.;]*/i', static fn (Said $said): bool => preg_match('/\bknees?\b/i', $said->words) !== 1 || $said->variation->propAt === PropPlace::UnderKnees || $said->most(null, J::KneeFlexion) >= self::BENT, 'no knees lie over anything'),
        ];
    }

    /** @return list<Claim> */
    private static function hands(): array
    {
        $on = static fn (string $place, H ...$places): Claim => new Claim(
            "/\\bhands? (lies? )?(on|to) (the |your |its )?(own |other |opposite |{side} )?$place\\b/i",
            static fn (Said $said): bool => $said->hasHandOn(array_values($places)),
            "no hand lies on the $place",
        );

        return [
            $on('belly', H::Belly),
            $on('ribs', H::Ribs, H::Elbow),
            $on('chest', H::Chest),
            $on('(hip bones|hips?)', H::Waist),
            $on('shoulder', H::Shoulder),
            $on('thighs?', H::Thigh),
            new Claim('/\b(hug yourself|arms crossed)\b/i', static fn (Said $said): bool => $said->hasHandOn([H::Shoulder, H::UpperArm, H::Elbow]), 'nobody hugs themselves'),
            new Claim('/\bpalms together\b|\b(linked|clasped) hands\b|\bhands linked\b/i', static fn (Said $said): bool => $said->hasHandOn([H::OtherHand]), 'the palms do not meet'),
        ];
    }
}
