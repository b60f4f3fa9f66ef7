<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Body\JointAction;
use KindChair\Demand\PropChange;
use KindChair\Figure\FigureKey;
use KindChair\Fit\Choice;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Base;
use KindChair\People\Group;
use KindChair\People\NotedPrecaution;
use KindChair\People\OwnRange;
use KindChair\People\Participant;
use KindChair\Place\PackingList;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Section;
use KindChair\Plan\SectionKind;
use KindChair\Plan\Settings;
use KindChair\Review\Review;
use KindChair\Review\Reviewer;
use KindChair\Tests\Support\Make;
use PHPUnit\Framework\TestCase;

/** The same movement with a prop that is at hand comes before a gentler one. */
final class PropsTest extends TestCase
{
    /**
     * Ten people open the cactus arms. Four have a shoulder that does not turn out with the arm lifted, which the full rung asks for; with a
     * towel between the hands it opens less, and the gentler rung less still.
     */
    public function testTenPeopleWithTheKitOfThePlaceAndWithout(): void
    {
        $plan = self::plan('full');
        $with = self::review($plan, ['towel', 'cushion']);
        $without = self::review($plan, []);

        self::assertSame(array_fill(0, 6, 'cactus full'), self::rungs($with, 0, 6));
        self::assertSame(array_fill(0, 4, 'cactus full+towel-in-hands'), self::rungs($with, 6, 4));
        self::assertSame(array_fill(0, 4, 'cactus gentle'), self::rungs($without, 6, 4), 'nothing at hand: the gentler rung');
        self::assertSame('Towel between the hands, open until it is straight, and that is the end', self::versions($with)[6]->brief);
        self::assertSame([['towel', 4, 3, 1]], array_map(static fn (array $one): array => [$one['id'], $one['needs'], $one['has'], $one['short']], PackingList::of($with->versions, Make::craft()->changeOvers, ['towel' => 3, 'cushion' => 9])));
        self::assertSame([], PackingList::of($without->versions, Make::craft()->changeOvers, []));
    }

    public function testNothingIsOfferedWithAPropWhereNobodyNotedTheKit(): void
    {
        self::assertSame(array_fill(0, 4, 'cactus gentle'), self::rungs(self::review(self::plan('full'), null), 6, 4));
    }

    public function testWhatTheWholeClassDoesWithAPropIsHandedOutAndPutAway(): void
    {
        $plain = self::review(self::plan('gentle', 'full'), ['towel'])->timeline;
        $with = self::review(self::plan('gentle', 'full+towel-in-hands'), ['towel'])->timeline;

        // A towel takes 6 s to take up; the longer introduction names it first.
        self::assertSame(60, $with->turnsOf('e1')[0]->changing);
        self::assertSame(0, $plain->turnsOf('e1')[0]->changing);
        self::assertStringStartsWith('Towel between the hands', $with->turnsOf('e1')[0]->beats[0]->words);
    }

    public function testAPropThatIsNotThereIsLeftOutAndSaidSo(): void
    {
        $version = self::versions(self::review(self::plan('full+towel-in-hands'), ['cushion']))[0];

        self::assertSame(['full', Mark::Adapted], [$version->variation, $version->mark]);
        self::assertStringContainsString('ithout the towel', $version->does);
        self::assertStringContainsString('no towel here', implode(' ', $version->why));
    }

    public function testOnlyWhatEasesIsOfferedUnasked(): void
    {
        $narrow = new Participant('n', 'N', Base::Chair, ranges: [new OwnRange(JointAction::ElbowFlexion, null, 20)]);
        $plan = Make::planOf(new Settings(), 45, new Section('s', SectionKind::Warm, [Make::entry('e0', 'elbow-bend', Make::times(4), [], 'full')]));

        self::assertStringNotContainsString('weight', (string) self::versions(self::review($plan, ['weight'], new Group('G', [$narrow])))[0]->variation);
    }

    public function testATeacherGivesOnePersonAProp(): void
    {
        $craft = Make::craft();
        $review = Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands, ['towel'])
            ->review(self::plan('full'), self::group(), [new Choice('p0', 'e0', 'full+towel-in-hands', '', '', 'She likes it.', false)]);
        $version = self::versions($review)[0];

        self::assertSame(['full+towel-in-hands', ['towel'], true], [$version->variation, $version->props, $version->isChosen]);
        self::assertSame([], self::versions($review)[1]->props);
    }

    public function testWhatAPropChangesIsWorkedOut(): void
    {
        $craft = Make::craft();
        $changes = static function (string $movement, string $rung) use ($craft): string {
            $of = $craft->library->get($movement);

            return implode('; ', PropChange::of($of, $of->variation($rung), $craft->demands));
        };

        self::assertSame('closing the hip: 96° instead of 104°; the feet stand higher', $changes('knee-lift', 'free+block-under-foot'));
        self::assertStringContainsString('without a long leg held out', $changes('leg-extension', 'full+second-chair-under-leg'));
        self::assertStringContainsString('asks for a strap round a limb', $changes('leg-extension', 'full+strap-round-foot'));
        self::assertStringContainsString('asks for gripping', $changes('elbow-bend', 'full+weight-in-hand'));
    }

    public function testEveryPropIsDrawnWhereItIsSeenToBeUsed(): void
    {
        $craft = Make::craft();
        $unseen = [];
        foreach ($craft->library->all() as $movement) {
            foreach ($movement->withProps->all() as $with) {
                $plain = FigureKey::usual($movement->id, $movement->withoutProp($with))->draw($craft->library)?->toArray();
                $drawn = FigureKey::usual($movement->id, $with)->draw($craft->library)?->toArray() ?? [];
                $isOfSeat = $craft->changeOvers->prop($with->props[0])?->isOfSeat === true || $with->props === ['wall'];
                if (!$isOfSeat && count($drawn) <= count($plain ?? []) && $drawn == $plain) {
                    $unseen[] = "$movement->id $with->id";
                }
            }
        }

        self::assertSame([], $unseen);
    }

    private static function group(): Group
    {
        $shoulder = ['precautions' => [new NotedPrecaution(Make::craft()->precautions->get('shoulder-limited'), null)]];

        return new Group('G', array_map(static fn (int $at): Participant => Make::person("p$at", Base::Chair, $at < 6 ? [] : $shoulder), range(0, 9)));
    }

    private static function plan(string ...$rungs): ClassPlan
    {
        $entries = [];
        foreach (array_values($rungs) as $at => $rung) {
            $entries[] = Make::entry("e$at", 'cactus', Make::times(4), [], $rung);
        }

        return Make::planOf(new Settings(), 45, new Section('s', SectionKind::HeadToToe, $entries));
    }

    /** @param list<string>|null $kit */
    private static function review(ClassPlan $plan, ?array $kit, ?Group $group = null): Review
    {
        $craft = Make::craft();

        return Reviewer::withAllRules($craft->library, $craft->changeOvers, $craft->ranges, $craft->demands, $kit)->review($plan, $group ?? self::group());
    }

    /** @return list<PersonVersion> of the last entry */
    private static function versions(Review $review): array
    {
        return $review->versions[array_key_last($review->versions)];
    }

    /** @return list<string> movement and rung */
    private static function rungs(Review $review, int $from, int $count): array
    {
        return array_map(static fn (PersonVersion $version): string => "$version->movement $version->variation", array_slice(self::versions($review), $from, $count));
    }
}
