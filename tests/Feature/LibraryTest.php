<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\User;
use Illuminate\Support\Facades\Cache;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\AppTestCase;

final class LibraryTest extends AppTestCase
{
    private User $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->actingAs($this->teacher);
    }

    /** @return list<string> */
    private function found(string $search): array
    {
        return array_column($this->answer($this->getJson("/api/movements?$search"), 'answer-movements')['movements'], 'id');
    }

    /**
     * @param list<string> $in
     * @param list<string> $out
     */
    #[DataProvider('searches')]
    public function testMovementsAreFoundByWhatATeacherAsks(string $search, array $in, array $out): void
    {
        $found = $this->found($search);

        $this->assertSame([], array_diff($in, $found));
        $this->assertSame([], array_intersect($out, $found));
    }

    /** @return iterable<string, array{string, list<string>, list<string>}> */
    public static function searches(): iterable
    {
        yield 'head, main region first' => ['zone=head', ['neck-turn', 'chin-nod'], ['cat-cow']];
        yield 'turning in bed' => ['direction=turn&base=bed&page=9', ['seated-twist', 'knees-roll'], ['side-lean', 'neck-turn']];
        yield 'clinical words' => ['words=cervical+rotation', ['neck-turn'], ['ear-to-ear']];
        yield 'with a strap' => ['prop=strap', ['strap-raise'], ['side-lean']];
        yield 'in a minute' => ['minutes=1&page=9', ['palms-close'], ['side-lean']];
        yield 'nothing answers' => ['words=handstand', [], ['cat-cow']];
    }

    public function testTheLibraryOpensHeadToToeWithItsFigures(): void
    {
        $vocabulary = $this->answer($this->getJson('/api/library'), 'answer-library');
        $first = $this->answer($this->getJson('/api/movements'), 'answer-movements');

        $this->assertSame($vocabulary['movements'], $first['total']);
        $this->assertSame($first['total'], $first['found']);
        $this->assertSame('head', $first['movements'][0]['zone']);
        foreach ($first['movements'] as $card) {
            $this->assertNotSame([], $first['figures'][$card['figure']]);
        }
        $this->getJson('/api/movements?zone=tail')->assertUnprocessable();
    }

    public function testWhoInAGroupCanDoItIsCountedAndCanBeAskedFor(): void
    {
        $group = $this->people($this->teacher);
        $cards = $this->answer($this->getJson("/api/movements?group={$group->id}&words=figure"), 'answer-movements')['movements'];
        $this->assertSame(3, array_sum($cards[0]['counts']));

        $everyone = $this->found("group={$group->id}&can=all&page=9");
        $this->assertContains('even-breath', $everyone);
        // Ben's new hip keeps him from the planned rung, but not from the movement.
        $this->assertContains('figure-four', $everyone);
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->getJson("/api/movements?group={$group->id}")->assertNotFound();
    }

    public function testAMovementHasItsPageAndItsMotionOnEveryBase(): void
    {
        $class = $this->seatedClass($this->teacher);
        $page = $this->answer($this->getJson('/api/movements/side-lean'), 'answer-movement');

        $this->assertSame([['id' => $class->id, 'title' => 'Morning class', 'startsAt' => '2026-12-01T10:30']], $page['uses']);
        $this->assertSame('Out, lean left, the hand slides down.', $page['steps'][0]['cue']['first']);
        $this->assertArrayHasKey('side-lean/elbow/armchair/left', $page['figures']);
        $over = $page['variations'][2];
        $this->assertSame('158°', array_column($over['asks'], 'measure', 'demand')['arm-up']);
        foreach ($page['variations'] as $rung) {
            foreach ($rung['bases'] as $base) {
                $motion = $this->answer($this->getJson("/api/movements/side-lean/motion?variation={$rung['id']}&base=$base&side=left"), 'motion');
                $this->assertCount(4, $motion['steps']);
            }
        }
        $this->assertSame([true, false], [$page['variations'][0]['isShownLying'], $over['isShownLying']]);
        [$flat, $raised] = array_map(fn (string $base): array => $this->answer($this->getJson("/api/movements/side-lean/motion?variation=elbow&base=$base&side=right"), 'motion'), ['bed-flat', 'bed']);
        $this->assertNotSame($raised['start'], $flat['start']);
        $this->assertSame(['Breathe out.', 'Out, lean right on the pillow.'], [$flat['steps'][0]['cue'], $raised['steps'][0]['cue']]);
        $cues = fn (string $of): array => array_column($this->answer($this->getJson("/api/movements/$of&base=chair&side=left"), 'motion')['steps'], 'cue');
        $this->assertContains('In, the right arm floats up.', $cues('arm-raise/motion?variation=full'), 'the second time it is the other arm');
        $this->assertCount(2, preg_grep('/\b(forwards|backwards)\b/', $cues('wide-arm-circles/motion?variation=elbow')) ?: [], 'both directions');
        $this->getJson('/api/movements/side-lean/motion?variation=over&base=bed-flat&side=left')->assertUnprocessable()->assertSee('choose another seat');
        $this->getJson('/api/movements/side-lean/motion?variation=none&base=chair&side=left')->assertUnprocessable();
        $this->getJson('/api/movements/handstand')->assertNotFound();
        $this->get('/movements/figures?base=bed')->assertOk()->assertSee('Lean to the side');
        $this->get('/movements/figures?base=bed-flat')->assertOk()->assertSee('Bend like a banana')->assertDontSee('Elbow on the armrest');
    }

    public function testFiguresComeByKeyAndUnknownOnesAreLeftOut(): void
    {
        $figures = $this->answer($this->getJson('/api/figures?keys=rest/bed,side-lean/arm/wheelchair/right,handstand/x/chair/left,side-lean/none/chair/left'), 'figure')['figures'];

        $this->assertSame(['rest/bed', 'side-lean/arm/wheelchair/right'], array_keys($figures));
    }

    public function testAFigureThatIsSomebodysOwnIsNotKept(): void
    {
        $own = 'side-lean/arm/chair/left/shoulder-abduction.60';
        $figures = $this->getJson("/api/figures?keys=side-lean/arm/chair/left,$own")->json('figures');

        $this->assertNotSame($figures['side-lean/arm/chair/left'], $figures[$own]);
        $this->assertTrue(Cache::has('shipped:figure:side-lean/arm/chair/left'));
        $this->assertFalse(Cache::has("shipped:figure:$own"));
    }
}
