<?php

declare(strict_types=1);

namespace KindChair\Review\Words;

use KindChair\Body\JointAction as J;
use KindChair\Body\Side;
use KindChair\Breath\Breath;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Effort;
use KindChair\Movement\HandPlace as H;

/** All that cues are held to: breath, limbs, side, direction, contact and prop. */
final readonly class Claims
{
    /** Degrees of change up to which a limb may still be told to rise or to sink. */
    private const HARDLY = 3;

    /** @return list<Claim> */
    public static function all(): array
    {
        return [...self::breath(), ...self::trunk(), ...self::head(), ...self::arms(), ...self::legs(), ...self::contacts()];
    }

    /** @return list<Claim> */
    private static function breath(): array
    {
        return [
            new Claim('/^(in|breathe in)\b/i', static fn (Said $said): bool => in_array($said->step->breath, [Breath::In, Breath::Free], true), 'it says in, and one breathes out'),
            new Claim('/^(out|breathe out|sigh out|hum)\b/i', static fn (Said $said): bool => in_array($said->step->breath, [Breath::Out, Breath::Free], true), 'it says out, and one breathes in'),
        ];
    }

    /** @return list<Claim> */
    private static function trunk(): array
    {
        $turned = static fn (Said $said, Side $side): bool => $said->most($side, J::TrunkTurn, J::NeckTurn) > 0;

        return [
            new Claim('/\bturn[^,.:;]* (to the )?left\b/i', static fn (Said $said): bool => $turned($said, Side::Left), 'nothing turns to that side'),
            new Claim('/\bturn[^,.:;]* (to the )?right\b(?! thigh| knee)/i', static fn (Said $said): bool => $turned($said, Side::Right), 'nothing turns to that side'),
            new Claim('/\blean (a little )?left\b/i', static fn (Said $said): bool => $said->most(Side::Left, J::TrunkSide) > 0 || $said->most(null, J::HipHinge) > 0, 'the trunk does not lean to that side'),
            new Claim('/\blean (a little )?right\b/i', static fn (Said $said): bool => $said->most(Side::Right, J::TrunkSide) > 0, 'the trunk does not lean to that side'),
            new Claim('/\b(fold|bow|lean (forward|from the hips|between|long))\b/i', static fn (Said $said): bool => $said->most(null, J::HipHinge, J::TrunkFlexion, J::NeckFlexion) > 0, 'nothing folds or leans forward'),
            new Claim('/\b(round (the|your) (upper |low )?back|round over|back rounds|curl the (upper )?back)\b/i', static fn (Said $said): bool => $said->most(null, J::TrunkFlexion) > 0, 'the back does not round'),
            new Claim('/\b(chest|breastbone) lifts?\b/i', static fn (Said $said): bool => $said->most(null, J::TrunkExtension) > 0 || $said->grows(null, J::TrunkFlexion) < 0, 'the chest does not lift'),
        ];
    }

    /** @return list<Claim> */
    private static function head(): array
    {
        return [
            new Claim('/\b(look|head|nose) (slowly )?(to the )?left\b/i', static fn (Said $said): bool => $said->most(Side::Left, J::NeckTurn, J::TrunkTurn, J::NeckSide) > 0, 'the head does not go to that side'),
            new Claim('/\b(look|head|nose) (slowly )?(to the )?right\b/i', static fn (Said $said): bool => $said->most(Side::Right, J::NeckTurn, J::TrunkTurn, J::NeckSide) > 0, 'the head does not go to that side'),
            new Claim('/\bchin (sinks|down|low)\b/i', static fn (Said $said): bool => $said->most(null, J::NeckFlexion, J::TrunkFlexion) > 0, 'the chin does not sink'),
            new Claim('/\bleft ear\b/i', static fn (Said $said): bool => $said->most(Side::Left, J::NeckSide) > 0, 'the head does not tilt to that side'),
            // The head goes last into a turn and first out of it.
            new Claim('/\b(head|look|eyes)\b.*\b(then )?(turn|chest)\b/i', static fn (Said $said): bool => $said->grows(Side::Left, J::TrunkTurn) <= 0 || !$said->mentions('/\b(head|look)\b[^.]*\bturn\b/i'), 'the head goes last into a turn'),
            new Claim('/\b(chest|trunk|arm)\b.*\bthen the head|chest, head\b/i', static fn (Said $said): bool => $said->most(null, J::NeckTurn) > 0 || !self::comesBack($said) || $said->mentions('/\barm, then the head|arm, head/i'), 'the head comes first out of a turn'),
        ];
    }

    private static function comesBack(Said $said): bool
    {
        return $said->grows(Side::Left, J::TrunkTurn) < 0;
    }

    /** @return list<Claim> */
    private static function arms(): array
    {
        $arm = [J::ShoulderFlexion, J::ShoulderAbduction];
        $rises = static fn (Said $said, ?Side $side): bool => $said->grows($side, ...$arm) > -self::HARDLY && $said->most($side, ...$arm) > 0;

        return [
            new Claim('/\b(arms?|elbows?)\b(?! still)/i', static fn (Said $said): bool => $said->usesArms(), 'no arm does anything in this shape'),
            new Claim('/\b(both )?arms? (float |sweep |come |go |lift )?(half )?up\b|\bin, arms up\b/i', static fn (Said $said): bool => $rises($said, null), 'the arms do not go up'),
            new Claim('/\bleft (arm|hand|elbow) (floats |sweeps |goes )?(half )?up\b/i', static fn (Said $said): bool => $rises($said, Side::Left), 'that arm does not go up'),
            new Claim('/\bright (arm|hand|elbow) (floats |sweeps |goes )?(half )?up\b/i', static fn (Said $said): bool => $rises($said, Side::Right), 'that arm does not go up'),
            new Claim('/\b(arms|hands) (sink|come down|are lowered)\b/i', static fn (Said $said): bool => $said->grows(null, ...$arm) < self::HARDLY, 'the arms do not come down'),
            new Claim('/\boverhead\b/i', static fn (Said $said): bool => $said->most(null, ...$arm) >= 120, 'the arms are not overhead'),
            new Claim('/\b(lift|drop|shrug)[^,.]* shoulders?\b|shoulders? (drop|up)\b/i', static fn (Said $said): bool => $said->most(null, J::ShoulderLift, J::ShoulderDrop) > 0 || $said->grows(null, J::ShoulderLift) < 0 || $said->most(null, J::TrunkTurn, J::TrunkExtension) > 0, 'no shoulder lifts or drops'),
            new Claim('/\bshoulders? (?!stays?)[a-z ]*\b(sinks?|slides? down|down the back|away from the ears)\b/i', static fn (Said $said): bool => $said->most(null, J::ShoulderDrop) > 0 || $said->grows(null, J::ShoulderLift) < 0, 'no shoulder sinks'),
        ];
    }

    /** @return list<Claim> */
    private static function legs(): array
    {
        return [
            new Claim('/\bleft (leg|foot|heel|knee|thigh)\b(?! thigh)/i', static fn (Said $said): bool => $said->usesLegs() || $said->hasHandOn([H::Thigh, H::Knee, H::Shin]) || $said->mentions('/(hand|forearm|on|to) [a-z ]*left (thigh|knee|hip)/i'), 'no leg does anything in this shape'),
            new Claim('/\b(lift|raise) (the |your )?left (knee|heel|foot)\b/i', static fn (Said $said): bool => $said->grows(Side::Left, J::HipFlexion, J::AnkleDown, J::AnkleUp) > 0 || $said->variation->body->works(Effort::Lift), 'that leg does not lift'),
            new Claim('/\bheels? (lifts?|up|peel)\b/i', static fn (Said $said): bool => $said->grows(null, J::AnkleDown) > 0, 'the heels do not lift'),
            new Claim('/\btoes? (up|lift|draw up)\b|draw (the|both|your) [a-z]* ?(foot|feet|toes) up\b/i', static fn (Said $said): bool => $said->most(null, J::AnkleUp, J::ToesUp) > 0, 'the toes do not come up'),
            new Claim('/\bheel (slides? |goes )?forward|leg (stretches|forward)/i', static fn (Said $said): bool => $said->grows(Side::Left, J::KneeFlexion) !== 0, 'the knee does not stretch'),
            new Claim('/\b(foot|heel) (slides? )?back\b/i', static fn (Said $said): bool => $said->grows(Side::Left, J::KneeFlexion, J::HipExtension) !== 0, 'the foot does not go back'),
            new Claim('/\bankles? (on|over|cross)/i', static fn (Said $said): bool => $said->variation->body->legs !== null, 'no ankle lies on anything'),
            new Claim('/\bankles cross|\bcross\b.*\blegs?\b/i', static fn (Said $said): bool => $said->variation->body->legs !== null, 'the legs are not crossed'),
            new Claim('/\bheels? slides?\b/i', static fn (Said $said): bool => $said->variation->body->has(BodyNote::HeelSlides) || $said->grows(Side::Left, J::KneeFlexion) !== 0, 'no heel slides'),
        ];
    }

    /** @return list<Claim> */
    private static function contacts(): array
    {
        $hands = '(hands?|palms?|fingertips|forearms?|fingers)';
        $on = static fn (string $place, array $places, string $else): Claim => new Claim(
            "/\\b$hands\\b[^,.:;]*\\b(on|to|under|behind|hold)\\b[^,.:;]*\\b$place\\b/i",
            static fn (Said $said): bool => $said->hasHandOn(array_values(array_filter($places, static fn (mixed $one): bool => $one instanceof H))),
            $else,
        );

        return [
            $on('(thighs?|knees?)', [H::Thigh, H::ThighUnder, H::Knee, H::Shin], 'no hand lies on thigh or knee'),
            $on('shins?', [H::Shin], 'no hand lies on the shin'),
            $on('shoulders?', [H::Shoulder], 'no hand lies on a shoulder'),
            $on('hips?', [H::Waist, H::Seat, H::Thigh], 'no hand lies on the hip'),
            $on('(chair|backrest|wall)', [H::Backrest, H::Seat], 'no hand holds the chair'),
            $on('elbow', [H::Elbow], 'no hand lies on an elbow'),
            $on('upper arms?', [H::UpperArm], 'no hand lies on an upper arm'),
            new Claim('/\bhold(ing)? the (seat|sides|armrests)\b/i', static fn (Said $said): bool => $said->hasHandOn([H::Seat, H::Armrest, H::Backrest]), 'no hand holds the seat'),
            new Claim('/\bstrap\b/i', static fn (Said $said): bool => in_array('strap', $said->variation->props, true), 'there is no strap in this rung'),
            new Claim('/\bcushion\b/i', static fn (Said $said): bool => in_array('cushion', $said->variation->props, true), 'there is no cushion in this rung'),
            new Claim('/\bclasp|fingers linked|linked hands\b/i', static fn (Said $said): bool => $said->hasHandOn([H::OtherHand, H::HeadBack, H::LowBack]), 'the hands do not meet'),
        ];
    }
}
