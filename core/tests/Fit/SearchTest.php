<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Fit\Chooser;
use KindChair\Fit\MovementAlone;
use KindChair\Fit\MovementFacts;
use KindChair\Fit\Search;
use KindChair\Movement\Base;
use KindChair\People\Group;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\TimelineBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SearchTest extends TestCase
{
    private static function trial(string $id): MovementAlone
    {
        $craft = Make::craft();

        return MovementAlone::of($craft->library->get($id), new TimelineBuilder($craft->library, $craft->changeOvers), Make::even());
    }

    /**
     * @param list<string> $in
     * @param list<string> $out
     */
    #[DataProvider('searches')]
    public function testFindsWhatIsLookedFor(Search $search, array $in, array $out): void
    {
        $library = Make::craft()->library;
        $facts = array_map(static fn (string $id): MovementFacts => MovementFacts::of($library->get($id), self::trial($id)), [...$in, ...$out]);

        $found = array_column($search->among($facts), 'id');
        sort($found);
        sort($in);
        self::assertSame($in, $found);
    }

    /** @return iterable<string, array{Search, list<string>, list<string>}> */
    public static function searches(): iterable
    {
        yield 'by zone' => [new Search(zone: 'head'), ['neck-turn', 'lean-look-thread'], ['cat-cow', 'even-breath']];
        yield 'breath and stillness' => [new Search(zone: 'none'), ['even-breath'], ['neck-turn']];
        yield 'by direction of the spine' => [new Search(direction: 'lean'), ['side-lean', 'lean-flow'], ['seated-twist', 'neck-tilt']];
        yield 'stillness held for breaths' => [new Search(breath: 'still'), ['side-lean'], ['lean-flow', 'hand-rub']];
        yield 'moving with the breath' => [new Search(breath: 'with-breath'), ['lean-flow'], ['side-lean', 'hand-rub']];
        yield 'breath as it comes' => [new Search(breath: 'as-it-comes'), ['hand-rub'], ['side-lean']];
        yield 'with pauses' => [new Search(breath: 'pauses'), ['box-breath'], ['even-breath']];
        yield 'for who stands' => [new Search(base: 'standing'), ['heel-raises'], ['side-lean']];
        yield 'with a strap' => [new Search(prop: 'strap'), ['strap-raise'], ['side-lean']];
        yield 'with nothing' => [new Search(prop: 'none'), ['side-lean'], ['strap-raise']];
        yield 'short ones' => [new Search(atMost: 700), ['notice-breath'], ['ankle-circles']];
    }

    public function testATrialTellsHowLongAndWhoCould(): void
    {
        $craft = Make::craft();
        $trial = self::trial('side-lean');
        // Introduction, two sides of enter, four breaths and leave, one change of side.
        $passes = array_sum(array_map(static fn ($pass): int => $pass->length(), $trial->passes));
        self::assertSame(2 * (40 + 4 * 80 + 40), $passes);
        self::assertGreaterThan($passes + 40, $trial->length);

        $versions = $trial->versions(new Group('', [Make::person('a'), Make::person('b', Base::Bed)]), new Chooser($craft->library, $craft->ranges, $craft->demands));
        self::assertSame(['a', 'b'], array_column($versions, 'participant'));
    }
}
