<?php

declare(strict_types=1);

namespace KindChair\Figure;

use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\BaseHands;
use KindChair\Movement\BaseWords;
use KindChair\Movement\BodyUse;
use KindChair\Movement\ElbowContact;
use KindChair\Movement\ElbowPlace;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\Step;
use KindChair\Movement\Variation;

/** Brings the hands and elbows of a rung to where it says that they lie, on each of its seats. */
final readonly class Contacts
{
    /** Units within which a hand is where it should be: 4 cm. */
    public const NEAR = 2.42;
    /** How often hands that follow each other are brought together. */
    private const ROUNDS = 3;

    private ArmReach $reach;
    private ElbowReach $elbows;

    public function __construct(RangeTable $ranges)
    {
        $this->reach = new ArmReach($ranges);
        $this->elbows = new ElbowReach($ranges);
    }

    /**
     * @param list<Step> $steps of the movement
     */
    public function settled(Variation $variation, array $steps): Variation
    {
        $onSeat = [];
        foreach (self::seats($variation) as $key => $seat) {
            $use = BaseHands::use($variation, Base::tryFrom($key) ?? Base::Chair);
            if ($use->hands !== [] || $use->elbows !== []) {
                $onSeat[$key] = $this->steps($variation, $use, $steps, $seat);
            }
        }
        $lying = $variation->position === Position::BedFlat ? null : $variation->lying();
        $use = $lying === null ? new BodyUse() : BaseHands::use($lying, Base::Bed);
        if ($lying !== null && ($use->hands !== [] || $use->elbows !== [])) {
            $onSeat[BaseWords::FLAT] = $this->steps($lying, $use, $steps, DrawnSeat::FlatBed);
        }

        return $onSeat === [] ? $variation : $variation->onSeats($onSeat);
    }

    /** @return array<string, DrawnSeat> by Base value or ARMCHAIR */
    private static function seats(Variation $variation): array
    {
        $seats = [];
        foreach ($variation->bases as $base) {
            $seats[$base->value] = DrawnSeat::of($base, $variation->position);
        }
        $armchair = DrawnSeat::of(Base::Chair, $variation->position, true);
        if ($armchair === DrawnSeat::Armchair && $variation->allows(Base::Chair) && self::holdsTheSeat($variation->body)) {
            $seats[Variation::ARMCHAIR] = $armchair;
        }

        return $seats;
    }

    /** Whether a hand or an elbow lies on what a chair with arms has elsewhere. */
    private static function holdsTheSeat(BodyUse $body): bool
    {
        return array_intersect([HandPlace::Seat->value, HandPlace::Armrest->value, HandPlace::Backrest->value], array_map(static fn (HandContact|ElbowContact $one): string => $one->on->value, [...$body->hands, ...$body->elbows])) !== [];
    }

    /**
     * The angles of each step with hands and elbows brought to where they lie, while the left side is named.
     *
     * @param list<Step> $steps
     * @return array<string, Angles> by step id
     */
    private function steps(Variation $variation, BodyUse $use, array $steps, DrawnSeat $seat): array
    {
        [$footing, $back] = [Footing::of($variation, Side::Left), Settled::stepsBack($variation->body, $variation->angles, $seat)];
        $angles = $lain = [];
        foreach ($steps as $step) {
            $elbows = self::carried($use, $step->id, $step->phase);
            $angles[$step->id] = $this->brought($variation->angles[$step->id], self::during($use, $step->id, $step->phase), $elbows, $seat, $use, $variation->position, $footing, $back, $lain);
            $body = $elbows === [] ? null : Skeleton::of(Settled::pose($angles[$step->id], $seat, Side::Left, $use, $variation->position, $footing, $back), $seat);
            foreach (array_filter($elbows, static fn (ElbowContact $elbow): bool => !$elbow->slides) as $side => $elbow) {
                $lain[$side] ??= $body?->point("elbow-$side");
            }
        }

        return $angles;
    }

    /**
     * One shape that is being set, with the hands where they are said to lie in that step.
     *
     * @param float $back units by which somebody has stepped back from the chair before them
     */
    public function shaped(Angles $written, BodyUse $use, string $step, Phase $phase, DrawnSeat $seat, Position $position, float $back): Angles
    {
        return $this->brought($written, self::during($use, $step, $phase), self::carried($use, $step, $phase), $seat, $use, $position, null, $back);
    }

    /**
     * The angles of a shape with the hands brought to where they lie, while the left side is named.
     *
     * @param list<array{Side, HandContact}> $contacts
     * @param array<string, ElbowContact> $elbows by side
     * @param array<string, Vector|null> $lain where they lay in a step before
     */
    private function brought(Angles $written, array $contacts, array $elbows, DrawnSeat $seat, BodyUse $use, Position $position, ?Footing $footing = null, float $back = 0.0, array $lain = []): Angles
    {
        if ($contacts === [] && $elbows === []) {
            return $written;
        }
        $rounds = array_filter($contacts, static fn (array $contact): bool => HandPlaces::movesWithArms($contact[1]->on)) === [] ? 1 : self::ROUNDS;
        $angles = $written;
        $wished = Settled::pose($written, $seat, Side::Left, $use, $position, $footing, $back);
        $shape = Skeleton::of($wished, $seat);
        // Elbows whose hands are free come first: the others may look for a hand there.
        $free = array_filter(Side::cases(), static fn (Side $side): bool => isset($elbows[$side->value]) && !in_array($side, array_column($contacts, 0), true));
        for ($round = 0; $round < $rounds; ++$round) {
            foreach ([...array_map(static fn (Side $side): array => [$side, null], $free), ...$contacts] as [$side, $contact]) {
                $body = Skeleton::of(Settled::pose($angles, $seat, Side::Left, $use, $position, $footing, $back), $seat);
                $places = $contact === null ? [] : HandPlaces::of($contact->on, $side, $contact->isAcross, $body, $seat);
                $found = isset($elbows[$side->value])
                    ? $this->elbows->angles($body, $shape, $wished, $side, ElbowPlaces::of($elbows[$side->value]->on, $side, $body, $seat), $elbows[$side->value]->on === ElbowPlace::Table, $seat, $places, $contact?->on, $lain[$side->value] ?? null)
                    : null;
                $found ??= $places === [] ? null : $this->reach->angles($body, $wished, $side, $places, $seat);
                $angles = $found === null ? $angles : self::with($angles, $side, $found);
            }
        }

        return $angles;
    }

    /**
     * How far the elbows of a step are from what should carry them.
     *
     * @return list<array{side: Side, contact: ElbowContact, short: float}> in units of 1.65 cm
     */
    public static function uncarried(Variation $variation, Step $step, Base $base, Side $named = Side::Left, bool $withArms = false): array
    {
        $seat = DrawnSeat::of($base, $variation->position, $withArms);
        $body = Skeleton::of(Settled::step($variation, $variation->anglesOn($base, $withArms)[$step->id], $seat, $named), $seat);
        $short = [];
        foreach (self::carried(BaseHands::use($variation, $base), $step->id, $step->phase, $named) as $side => $contact) {
            if (!ElbowPlaces::isThere($contact->on, $seat)) {
                // What another seat has.
                continue;
            }
            $short[] = ['side' => Side::from($side), 'contact' => $contact, 'short' => ElbowPlaces::missed($contact->on, $body->point("elbow-$side"), $seat)];
        }

        return $short;
    }

    /**
     * How far the hands of a step are from where they should lie.
     *
     * @return list<array{side: Side, contact: HandContact, short: float}> in units of 1.65 cm
     */
    public static function missed(Variation $variation, Step $step, Base $base, Side $named = Side::Left, bool $withArms = false): array
    {
        $seat = DrawnSeat::of($base, $variation->position, $withArms);
        $body = Skeleton::of(Settled::step($variation, $variation->anglesOn($base, $withArms)[$step->id], $seat, $named), $seat);
        $missed = [];
        foreach (self::during(BaseHands::use($variation, $base), $step->id, $step->phase, $named) as [$side, $contact]) {
            [$palm, $fingers] = [$body->point("hand-$side->value"), $body->point("fingers-$side->value")];
            $short = min(array_map(static fn (Vector $place): float => $place->from($palm, $fingers), HandPlaces::of($contact->on, $side, $contact->isAcross, $body, $seat)));
            $missed[] = ['side' => $side, 'contact' => $contact, 'short' => $short];
        }

        return $missed;
    }

    /** Whether a hand, or the elbow above it, is kept by a hand that holds on or rests on a thigh in a step. */
    public static function isHeld(string $point, BodyUse $use, Step $step, Side $named): bool
    {
        foreach (self::during($use, $step->id, $step->phase, $named) as [$side, $contact]) {
            if ($contact->on->steadies() && in_array($point, ["hand-$side->value", "elbow-$side->value"], true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<array{Side, HandContact}> what the hands lie on in a step: those that follow the other hand last */
    public static function during(BodyUse $body, string $step, Phase $phase, Side $named = Side::Left): array
    {
        $during = [];
        foreach ($body->hands as $contact) {
            foreach ($contact->holdsDuring($step, $phase) ? array_filter($contact->who->sides($named)) : [] as $side) {
                $during[] = [$side, $contact];
            }
        }
        usort($during, static fn (array $a, array $b): int => HandPlaces::movesWithArms($a[1]->on) <=> HandPlaces::movesWithArms($b[1]->on));

        return $during;
    }

    /** @return array<string, ElbowContact> what elbows lie on in a step, by side */
    public static function carried(BodyUse $body, string $step, Phase $phase, Side $named = Side::Left): array
    {
        $carried = [];
        foreach ($body->elbows as $contact) {
            foreach ($contact->holdsDuring($step, $phase) ? array_filter($contact->who->sides($named)) : [] as $side) {
                $carried[$side->value] = $contact;
            }
        }

        return $carried;
    }

    /** @return list<Side> whose elbow lies at one place in two steps */
    public static function stayCarried(BodyUse $body, Step $before, Side $wasNamed, Step $after, Side $named): array
    {
        [$was, $is] = [self::carried($body, $before->id, $before->phase, $wasNamed), self::carried($body, $after->id, $after->phase, $named)];

        return array_values(array_filter(Side::cases(), static fn (Side $side): bool => isset($was[$side->value], $is[$side->value]) && $was[$side->value]->on === $is[$side->value]->on));
    }

    /**
     * @param list<Step> $steps of the movement
     * @return list<Side> whose hand or elbow has been brought to where it lies in a step
     */
    public static function lying(BodyUse $body, array $steps, string $stepId, Side $named): array
    {
        foreach ($body->hands === [] && $body->elbows === [] ? [] : $steps as $step) {
            if ($step->id === $stepId) {
                return self::settledSides($body, $step, $named);
            }
        }

        return [];
    }

    /** @return list<Side> whose hand or elbow lies on something in a step */
    public static function settledSides(BodyUse $body, Step $step, Side $named): array
    {
        return [...array_column(self::during($body, $step->id, $step->phase, $named), 0), ...array_map(Side::from(...), array_keys(self::carried($body, $step->id, $step->phase, $named)))];
    }

    /** @param array<string, float> $found degrees by joint action */
    private static function with(Angles $angles, Side $side, array $found): Angles
    {
        $role = $side === Side::Left ? AngleRole::Work : AngleRole::Other;
        $twin = $role === AngleRole::Work ? AngleRole::Other : AngleRole::Work;
        $byRole = $angles->byRole;
        foreach (ArmReach::ACTIONS as $action) {
            $both = $byRole[AngleRole::Both->value][$action->value] ?? null;
            if ($both !== null) {
                $byRole[$twin->value][$action->value] = $both;
                unset($byRole[AngleRole::Both->value][$action->value]);
            }
            unset($byRole[$role->value][$action->value]);
            $degrees = (int) round($found[$action->value]);
            if ($degrees > 0) {
                $byRole[$role->value][$action->value] = $degrees;
            }
        }
        // An arm that hangs straight is still told to be there, or it would be taken for one at rest.
        $byRole[$role->value][JointAction::ElbowFlexion->value] ??= 1;

        return new Angles($byRole);
    }
}
