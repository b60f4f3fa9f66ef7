<?php

declare(strict_types=1);

namespace KindChair\Tests\Movement;

use KindChair\Movement\Angles;
use KindChair\Movement\ImpliedTraits;
use KindChair\Movement\MovementTrait;
use KindChair\Movement\Position;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ImpliedTraitsTest extends TestCase
{
    /** @param array<string, array<string, int>> $angles */
    #[DataProvider('thresholds')]
    public function testATraitFollowsFromAnAngleAndNotFromALittleLess(string $trait, array $angles, string $role, string $action): void
    {
        $names = static fn (array $step): array => array_column(ImpliedTraits::of(['step' => new Angles($step)], Position::Upright), 'value');
        self::assertContains($trait, $names($angles));

        --$angles[$role][$action];
        self::assertNotContains($trait, $names($angles));
    }

    /** @return iterable<string, array{string, array<string, array<string, int>>, string, string}> */
    public static function thresholds(): iterable
    {
        yield 'overhead in front' => ['arms-overhead', ['both' => ['shoulder-flexion' => 150]], 'both', 'shoulder-flexion'];
        yield 'overhead at the side' => ['arms-overhead', ['other' => ['shoulder-abduction' => 150]], 'other', 'shoulder-abduction'];
        yield 'a knee above the hip' => ['hip-flexion-over-90', ['work' => ['hip-flexion' => 91]], 'work', 'hip-flexion'];
        yield 'leaning from the hips' => ['hip-flexion-over-90', ['mid' => ['hip-hinge' => 1]], 'mid', 'hip-hinge'];
        yield 'a leg behind' => ['leg-behind', ['work' => ['hip-extension' => 1]], 'work', 'hip-extension'];
        yield 'a leg across' => ['legs-crossed', ['work' => ['hip-adduction' => 16]], 'work', 'hip-adduction'];
        yield 'a knee bent to the end' => ['knee-end-flexion', ['work' => ['knee-flexion' => 111]], 'work', 'knee-flexion'];
        yield 'looking up' => ['neck-extension', ['mid' => ['neck-extension' => 11]], 'mid', 'neck-extension'];
        yield 'the head turned far' => ['neck-end-rotation', ['towards' => ['neck-turn' => 46]], 'towards', 'neck-turn'];
        yield 'the trunk turned far' => ['end-range-twist', ['towards' => ['trunk-turn' => 31]], 'towards', 'trunk-turn'];
        yield 'an arch' => ['back-arch', ['mid' => ['trunk-extension' => 16]], 'mid', 'trunk-extension'];
        yield 'round over closed hips' => ['deep-trunk-flexion', ['mid' => ['hip-hinge' => 5, 'trunk-flexion' => 20]], 'mid', 'trunk-flexion'];
    }

    public function testRoundAndClosedInDifferentStepsIsNoDeepFold(): void
    {
        $angles = ['lean' => new Angles(['mid' => ['hip-hinge' => 10]]), 'round' => new Angles(['mid' => ['trunk-flexion' => 30]])];

        self::assertNotContains(MovementTrait::DeepTrunkFlexion, ImpliedTraits::of($angles, Position::Upright));
    }

    public function testStandingAndLyingFollowFromThePosition(): void
    {
        self::assertSame([MovementTrait::Standing], ImpliedTraits::of([], Position::Standing));
        self::assertSame([MovementTrait::LyingFlat], ImpliedTraits::of([], Position::BedFlat));
        self::assertSame([], ImpliedTraits::of([], Position::Wide));
    }

    public function testALibraryOffersWhatIsNewAndStillKnowsWhatIsOld(): void
    {
        $craft = Make::craft();
        $movement = $craft->library->get('side-lean');
        $library = Make::library($craft->library->get('neck-turn'))->with(['own@1' => static fn () => $movement, 'own@2' => static fn () => $movement], ['own@1']);

        self::assertSame(['neck-turn', 'own@2'], $library->ids());
        self::assertTrue($library->has('own@1') && $library->has('own@2'));
        self::assertSame($movement, $library->get('own@1'));
        self::assertSame([$movement], $library->inRegion($movement->mainRegion()));
        self::assertSame([], $library->inRegion(null));
    }
}
