<?php

declare(strict_types=1);

namespace KindChair\Tests\Body;

use InvalidArgumentException;
use KindChair\Body\AgeBand;
use KindChair\Body\JointAction;
use KindChair\Body\JointRange;
use KindChair\Body\RangeTable;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

final class JointRangeTest extends TestCase
{
    public function testHoldsItsEndsAndFindsTheNearestAngle(): void
    {
        $knee = new JointRange(5, 120);

        self::assertTrue($knee->holds(5));
        self::assertTrue($knee->holds(120));
        self::assertFalse($knee->holds(4));
        self::assertSame(5, $knee->nearest(0));
        self::assertSame(120, $knee->nearest(130));
        self::assertSame(60, $knee->nearest(60));
    }

    public function testIsCappedWithoutTurningRound(): void
    {
        self::assertEquals(new JointRange(5, 90), (new JointRange(5, 120))->cappedAt(90));
        self::assertEquals(new JointRange(3, 3), (new JointRange(5, 120))->cappedAt(3));
        self::assertEquals(new JointRange(0, 45), (new JointRange(0, 45))->cappedAt(90));
    }

    public function testRejectsARangeThatRunsBackwards(): void
    {
        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('got 50 to 40');
        new JointRange(50, 40);
    }

    public function testShippedRangesShrinkWithAge(): void
    {
        $ranges = Make::craft()->ranges;
        foreach (JointAction::cases() as $action) {
            $to = array_map(static fn (AgeBand $age): int => $ranges->comfortable($action, $age)->to, AgeBand::cases());
            $sorted = $to;
            rsort($sorted);
            self::assertSame($sorted, $to, $action->value);
        }
        self::assertSame(180, $ranges->normal(JointAction::ShoulderFlexion)->to);
        self::assertSame(140, $ranges->comfortable(JointAction::ShoulderFlexion, AgeBand::Eighties)->to);
        self::assertSame(8, $ranges->comfortable(JointAction::KneeFlexion, AgeBand::Eighties)->from);
    }

    public function testAnUnknownAgeIsReadAsTheSeventies(): void
    {
        $ranges = Make::craft()->ranges;

        self::assertEquals(
            $ranges->comfortable(JointAction::NeckTurn, AgeBand::Seventies),
            $ranges->comfortable(JointAction::NeckTurn, null),
        );
    }

    public function testATableWithAGapIsRejected(): void
    {
        $this->expectExceptionMessage('no value for neck-flexion at adult');
        new RangeTable([]);
    }

    public function testRegionsRankFromHeadToToeAndFallIntoSevenZones(): void
    {
        self::assertSame(range(1, 10), array_map(static fn (Region $region): int => $region->rank(), Region::cases()));
        self::assertCount(7, array_unique(array_map(static fn (Region $region): string => $region->zone()->value, Region::cases())));
    }

    public function testLimbsAndDirectionsAreToldApart(): void
    {
        self::assertSame(Side::Right, Side::Left->other());
        self::assertTrue(JointAction::TrunkTurn->isDirectional());
        self::assertNull(JointAction::TrunkTurn->joint()->limb());
        self::assertSame('arm', JointAction::ForearmUp->joint()->limb()?->value);
        self::assertSame('leg', JointAction::ToesCurl->joint()->limb()?->value);
    }
}
