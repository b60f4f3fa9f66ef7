<?php

declare(strict_types=1);

namespace KindChair\Tests\Compose;

use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Compose\Character;
use KindChair\Compose\ComposeBook;
use KindChair\Compose\Composer;
use KindChair\Compose\Wish;
use KindChair\Fit\Chooser;
use KindChair\Format\ComposeBookReader;
use KindChair\Format\Node;
use KindChair\Movement\Base;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\MainBase;
use KindChair\Movement\SpineDirections;
use KindChair\People\Group;
use KindChair\Plan\BreathRoute;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Ending;
use KindChair\Plan\HoldSchool;
use KindChair\Plan\RegionOrder;
use KindChair\Plan\School;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Plan\SideSchool;
use KindChair\Plan\SittingSchool;
use KindChair\Review\Reviewer;
use KindChair\Tests\Support\AnyPerson;
use KindChair\Tests\Support\Make;
use Random\Randomizer;

/** Somebody's wish for some people: a frame, a group, a school and a focus. */
final readonly class AnyWish
{
    private function __construct(public ClassPlan $frame, public Group $group, public Wish $wish)
    {
    }

    public static function of(Randomizer $dice): self
    {
        $people = [];
        for ($count = $dice->getInt(0, 12), $base = Base::cases()[$dice->getInt(0, 3)]; $count > 0; --$count) {
            // Most of a group sit on the same.
            $people[] = AnyPerson::of($dice, $count, $dice->getInt(0, 3) === 0 ? null : $base);
        }
        $zones = [];
        foreach ($dice->getInt(0, 1) === 0 ? [] : $dice->pickArrayKeys(Zone::cases(), $dice->getInt(1, 3)) as $at) {
            $zones[Zone::cases()[$at]->value] = [0.0, 0.5, 2.0, 3.0][$dice->getInt(0, 3)];
        }
        $own = $dice->shuffleArray(Region::cases());
        $school = School::cases()[$dice->getInt(0, 3)];
        $settings = new Settings(new RegionOrder($school, $school === School::Own ? $own : []), Side::cases()[$dice->getInt(0, 1)], ...['sideChange' => $dice->getInt(20, 60), ...self::schools($dice)]);
        $ids = Make::craft()->library->ids();

        return new self(self::frame($dice->getInt(6, 70), $settings), new Group('G', $people), new Wish(
            zones: $zones,
            directions: $dice->getInt(0, 2) === 0 ? [SpineDirections::ALL[$dice->getInt(0, 3)]] : [],
            recent: $ids === [] || $dice->getInt(0, 1) === 0 ? [] : [array_map(static fn (int|string $at): string => $ids[$at], $dice->pickArrayKeys($ids, 30))],
            character: Character::cases()[$dice->getInt(0, 2)],
            seed: $dice->getInt(1, 1000),
        ));
    }

    /** @return array<string, mixed> for about half of the classes a school besides order and side */
    private static function schools(Randomizer $dice): array
    {
        $any = static fn (array $cases): mixed => $cases[$dice->getInt(0, count($cases) - 1)];

        return $dice->getInt(0, 1) === 0 ? [] : [
            'counts' => $any([null, null, ...DoseUnit::cases()]),
            'holds' => $any(HoldSchool::cases()),
            'sides' => $any(SideSchool::cases()),
            'ending' => $any([null, ...Ending::cases()]),
            'sitting' => $any(SittingSchool::cases()),
            'route' => $any(BreathRoute::cases()),
            'warmsUp' => $any([true, true, false]),
            'alsoCued' => $any([[], [MainBase::Wheelchair], [MainBase::Chair, MainBase::Bed]]),
        ];
    }

    public static function frame(int $minutes, Settings $settings = new Settings()): ClassPlan
    {
        return Make::planOf($settings, $minutes, ...array_map(static fn (SectionKind $kind): Section => new Section($kind->value, $kind, []), SectionKind::cases()));
    }

    public static function book(): ComposeBook
    {
        return ComposeBookReader::read(Node::root(json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/data/compose.json'), true, 16, JSON_THROW_ON_ERROR)));
    }

    public static function reviewer(): Reviewer
    {
        $craft = Make::craft();

        return Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands);
    }

    public static function composer(): Composer
    {
        $craft = Make::craft();

        return new Composer($craft->library, $craft->changeOvers, new Chooser($craft->library, $craft->ranges, $craft->demands), self::reviewer(), self::book());
    }
}
