<?php

declare(strict_types=1);

namespace KindChair\Review\Words;

use KindChair\Body\JointAction as J;
use KindChair\Movement\BodyNote;
use KindChair\Movement\Effort;

/** What the lines for a wheelchair and a raised bed are held to besides hands: what they say of legs, trunk and head moves there. Clauses that leave a choice, or say what does not move, are not looked at. */
final readonly class MovingClaims
{
    /** What leaves a choice or takes back. */
    public const OPEN = '/\b(or|if|not|nothing|no|never|without|instead|only as)\b/i';

    /** @return list<Claim> */
    public static function all(): array
    {
        return [...self::legs(), ...self::trunk()];
    }

    /** @return list<Claim> */
    private static function legs(): array
    {
        return [
            self::moves('/\btoes?\b[^,.;]*\b(up|towards)\b|\bdraw the toes\b/i', 'no toes come up', J::AnkleUp, J::ToesUp),
            self::moves('/\b(heel|leg|foot)\b[^,.;]*\b(forward|long|away)\b/i', 'no leg stretches', J::KneeFlexion, J::HipFlexion, J::AnkleDown, J::AnkleUp, J::HipExtension),
            self::moves('/\bheels? (lifts?|lightens?|rises?|up|light)\b/i', 'no heel lifts', J::AnkleDown),
            self::moves('/\b(knee|thigh)s? (lifts?|rises?|leaves?|lightens?)\b/i', 'no knee lifts', J::HipFlexion),
            self::moves('/\bknees? bends?\b/i', 'no knee bends', J::KneeFlexion, J::HipFlexion),
            self::moves('/\bknees? (falls?|sinks?|drops?|opens?|goes?)? ?(out|apart|wide)\b/i', 'no knee goes out', J::HipOutward, J::HipAbduction),
            self::moves('/\b(leg|foot|feet|legs)\b[^,.;]*\b(out|apart|to the side)\b/i', 'no leg goes out', J::HipAbduction, J::HipOutward),
            new Claim('/\b(foot|heel|feet|heels)\b[^,.;]* slides?\b|\bslide (the |one |your |left )?(foot|heel|leg)\b/i', static fn (Said $said): bool => $said->most(null, J::KneeFlexion, J::HipFlexion, J::HipAbduction, J::HipExtension) > 0 || $said->variation->body->has(BodyNote::HeelSlides), 'no foot slides'),
            new Claim('/\bheels?\b[^,.;]*\bpress(es)?\b|\bpress the heels?\b/i', static fn (Said $said): bool => $said->most(null, J::AnkleDown) > 0 || $said->variation->body->works(Effort::Press), 'no heel presses'),
        ];
    }

    /** @return list<Claim> */
    private static function trunk(): array
    {
        return [
            self::moves('/\bribs\b[^,.;]*\b(slide|glide)\b|\b(slide|glide) the ribs\b/i', 'the ribs do not slide', J::TrunkSide),
            self::moves('/\bhead (rolls?|turns?)\b|\broll the head\b|\bturn (only )?the head\b/i', 'the head does not turn', J::NeckTurn),
            self::moves('/\bnod\b|\bchin (sinks?|comes?|drops?|in|to)\b/i', 'the head does not nod', J::NeckFlexion),
            self::moves('/\bbreastbone (lifts?|rises?|comes? up|leaves)\b|\blift the breastbone\b|\bbreastbone (up )?out of\b/i', 'the breastbone does not lift', J::TrunkExtension),
            self::moves('/\b(back|spine) rounds?\b|\bround the back\b/i', 'the back does not round', J::TrunkFlexion),
            self::moves('/\b(fold|bow|hinge)\b/i', 'nobody bows', J::HipHinge, J::TrunkFlexion, J::NeckFlexion),
            self::moves('/\bshoulders? turns?\b|\bbreastbone turns?\b|\bturn from the ribs\b|\bturn between\b/i', 'nothing turns', J::TrunkTurn),
            self::moves('/\bshoulders? (lifts?|rolls?|rises?)\b|\broll the shoulders\b|\blift (both |one )?shoulders?\b/i', 'no shoulder lifts', J::ShoulderLift),
        ];
    }

    private static function moves(string $pattern, string $else, J ...$actions): Claim
    {
        return new Claim($pattern, static fn (Said $said): bool => $said->mentions(self::OPEN) || $said->most(null, ...$actions) > 0, $else);
    }
}
