<?php

declare(strict_types=1);

namespace KindChair\Tests\Figure;

use KindChair\Body\Side;
use KindChair\Figure\Camera;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Expression;
use KindChair\Figure\Face;
use KindChair\Figure\Figure;
use KindChair\Figure\Motion;
use KindChair\Figure\Posed;
use KindChair\Figure\Scene;
use KindChair\Figure\Settled;
use KindChair\Figure\Shape;
use KindChair\Movement\Base;
use KindChair\Movement\BodyUse;
use KindChair\Movement\FaceForm;
use KindChair\Movement\Variation;
use KindChair\Movement\View;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** Eyes, brows and mouth are drawn where they are what moves, and do what the words say. */
final class FaceTest extends TestCase
{
    /** What a rung speaks of where a face does this. */
    private const SPOKEN = [
        'eyes-aside' => '/eyes/i', 'eyes-other' => '/eyes/i', 'eyes-up' => '/eyes|gaze/i', 'eyes-down' => '/eyes/i', 'eyes-near' => '/eyes/i', 'brows-up' => '/brow/i', 'jaw-loose' => '/jaw|teeth|mouth/i',
        'mouth-open' => '/\bah\b|\bha\b|sing|mouth/i', 'smile' => '/smile|corners of the mouth/i', 'lips-round' => '/lips/i', 'cheeks-full' => '/cheek/i', 'tongue' => '/tongue/i',
    ];

    /** @return list<Shape> */
    private static function drawn(FaceForm $form, Side $towards = Side::Left): array
    {
        return Face::shapes(Settled::restBody(DrawnSeat::Chair), Camera::of(View::Front, DrawnSeat::Chair, Side::Left), Expression::of($form, $towards), 'moving');
    }

    /**
     * @param list<Shape> $shapes
     * @return list<float> how far each of a role lies to the right of the page, in tenths
     */
    private static function across(array $shapes, string $role): array
    {
        return array_map(static function (Shape $shape): float {
            $numbers = $shape->numbers();
            $x = array_filter($numbers, static fn (int $at): bool => $at % 2 === 0, ARRAY_FILTER_USE_KEY);

            return array_sum($x) / count($x);
        }, array_values(array_filter($shapes, static fn (Shape $shape): bool => $shape->role === $role)));
    }

    public function testEyesGoToTheSideThatIsNamedAndAwayFromIt(): void
    {
        foreach ([[FaceForm::EyesAside, Side::Left, -1], [FaceForm::EyesAside, Side::Right, 1], [FaceForm::EyesOther, Side::Left, 1], [FaceForm::Still, Side::Left, 0]] as [$form, $towards, $way]) {
            $shapes = self::drawn($form, $towards);
            // As in a mirror: somebody's left is on the left of the page.
            foreach (array_map(static fn (float $pupil, float $eye): float => $pupil - $eye, array_slice(self::across($shapes, 'pupil'), 0, 2), self::across($shapes, 'eye')) as $moved) {
                self::assertEqualsWithDelta($way * 5.5, $moved, 0.8, "$form->value, $towards->value");
            }
        }
        [$left, $right] = self::across(self::drawn(FaceForm::EyesNear), 'pupil');
        [$leftEye, $rightEye] = self::across(self::drawn(FaceForm::EyesNear), 'eye');
        self::assertGreaterThan($leftEye + 3, $left, 'both turn in');
        self::assertLessThan($rightEye - 3, $right);
    }

    public function testEveryFaceLooksDifferentAndIsDrawnWithTheSameLines(): void
    {
        $letters = static fn (FaceForm $form): array => array_map(static fn (Shape $shape): array => $shape->template(), self::drawn($form));
        $numbers = static fn (FaceForm $form): array => array_merge(...array_map(static fn (Shape $shape): array => $shape->numbers(), self::drawn($form)));
        foreach (FaceForm::cases() as $at => $one) {
            self::assertSame($letters(FaceForm::Still), $letters($one), $one->value);
            foreach (array_slice(FaceForm::cases(), $at + 1) as $other) {
                $apart = array_map(static fn (int $a, int $b): int => abs($a - $b), $numbers($one), $numbers($other));
                self::assertGreaterThanOrEqual(2, max([0, ...$apart]), "$one->value and $other->value");
            }
        }
    }

    public function testAFaceDoesInEachStepWhatTheWordsSpeakOf(): void
    {
        $wrong = [];
        $faces = 0;
        foreach (Make::craft()->library->all() as $movement) {
            foreach ($movement->variations as $rung) {
                $face = $rung->body->face;
                if ($face === []) {
                    continue;
                }
                ++$faces;
                $words = "$rung->name $rung->introduction " . implode(' ', array_map(static fn ($cue): string => $cue->first, $rung->cues));
                if (array_keys($face) !== array_column($movement->steps, 'id')) {
                    $wrong[] = "$movement->id/$rung->id names other steps than it has";
                }
                foreach ($face as $step => $form) {
                    if ($form !== FaceForm::Still && preg_match(self::SPOKEN[$form->value], $words) !== 1) {
                        $wrong[] = "$movement->id/$rung->id $step: $form->value";
                    }
                }
                $shapes = Figure::of($movement, $rung, $rung->mainBase(), Side::Left)->shapes;
                if (count(array_keys(array_column($shapes, 'role'), 'eye', true)) !== 2) {
                    $wrong[] = "$movement->id/$rung->id: two eyes";
                }
            }
        }
        self::assertSame([], $wrong);
        self::assertGreaterThan(20, $faces);
    }

    public function testAFaceIsSeenBesidePalmsThatMeet(): void
    {
        $movement = Make::craft()->library->get('palms-close');
        $rung = $movement->variation('palms');
        $smiling = new BodyUse($rung->body->hands, face: array_fill_keys(array_column($movement->steps, 'id'), FaceForm::Smile));
        $drawn = static function (BodyUse $use) use ($movement, $rung): Posed {
            $with = new Variation($rung->id, $rung->name, $rung->level, $rung->bases, $rung->position, $rung->introduction, $rung->angles, $rung->cues, $use, $rung->props, $rung->propAt, $rung->scalesDown, $rung->forBase);
            $scene = Scene::of($movement, $with->onSeatsOf($rung), Base::Chair, Side::Right);

            return $scene->posed($scene->pose($movement->steps[0]->id), $movement->steps[0]);
        };

        self::assertEquals(Expression::of(FaceForm::Smile, Side::Right), $drawn($smiling)->face);
        self::assertNull($drawn($rung->body)->face);
    }

    public function testAMotionOpensTheMouthAndClosesItAgain(): void
    {
        $movement = Make::craft()->library->get('vowels');
        $motion = Motion::of($movement, $movement->variation('loud'), Base::Chair, Side::Left, Make::even());
        // What is open between the lips is the last that has the colour of a pupil.
        $mouth = array_key_last(array_filter($motion->body, static fn (Shape $shape): bool => $shape->role === 'pupil'));
        $opens = static function (array $frame) use ($mouth): int {
            $high = array_column(array_chunk($frame[$mouth], 2), 1);

            return max([0, ...$high]) - min([1000, ...$high]);
        };
        $steps = array_combine(array_map(static fn (array $step): string => $step['step']->id, $motion->steps), $motion->steps);
        self::assertSame(0, $opens(array_values($steps['in']['frames'])[5]));
        // Not at once: each frame a little more.
        $sung = array_map($opens, array_values($steps['sing']['frames']));
        self::assertGreaterThan(20, $sung[5]);
        foreach (range(1, 5) as $frame) {
            self::assertGreaterThan($sung[$frame - 1], $sung[$frame]);
        }
        self::assertLessThan(0.3 * $sung[5], $sung[0]);
    }

    public function testAStillShowsTheFaceThatARungAdds(): void
    {
        $movement = Make::craft()->library->get('lips-cheeks-tongue');
        $shown = static fn (string $rung): ?string => $movement->tellingFace($movement->variation($rung))?->id;

        self::assertSame(['cheeks' => 'puff', 'full' => 'tongue'], ['cheeks' => $shown('cheeks'), 'full' => $shown('full')]);
        self::assertNull(Make::craft()->library->get('chin-nod')->tellingFace(Make::craft()->library->get('chin-nod')->variations[0]));
    }
}
