<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Group;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Tests\Support\AppTestCase;

final class TodayAndPlacesTest extends AppTestCase
{
    private const ROOM = ['width' => 9000, 'depth' => 8000, 'doors' => [['wall' => 'back', 'at' => 1000, 'width' => 900]], 'fixed' => []];

    private User $teacher;

    private Group $group;

    private SeatedClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->group = $this->people($this->teacher);
        $plan = self::plan();
        $plan['sections'][1]['entries'][] = self::entry('f', 'figure-four', 'shin');
        $this->class = $this->seatedClass($this->teacher, $this->group, $plan);
        $this->actingAs($this->teacher);
    }

    /** @return array<array-key, mixed> */
    private function matrix(): array
    {
        return $this->answer($this->getJson("/api/classes/{$this->class->id}/matrix"), 'answer-matrix');
    }

    private function id(string $name): int
    {
        return $this->group->people()->where('name', $name)->firstOrFail()->id;
    }

    public function testTheCheckBeforeClassChangesTodayAndNotTheRecord(): void
    {
        $ada = $this->id('Ada');
        $cell = fn (): array => array_column($this->matrix()['people'], null, 'name')['Ada']['cells'][1];
        $this->assertSame('fully', $cell()['mark']);

        $this->answer($this->putJson("/api/classes/{$this->class->id}/readiness/$ada", ['pain' => 5]), 'answer-readiness');
        $this->assertSame('adapted', $cell()['mark']);
        $this->assertStringContainsString('part of the dose', implode(' ', $cell()['why']));
        $this->assertArrayNotHasKey('precautions', $this->group->people()->whereKey($ada)->firstOrFail()->health);
        $this->assertStringNotContainsString('pain', (string) DB::table('readiness_checks')->value('answers'));

        $this->deleteJson("/api/classes/{$this->class->id}/readiness/$ada")->assertOk();
        $this->assertSame('fully', $cell()['mark']);
        $this->putJson("/api/classes/{$this->class->id}/readiness/$ada", ['pain' => 11])->assertUnprocessable();
        $this->putJson("/api/classes/{$this->class->id}/readiness/9999", ['pain' => 1])->assertNotFound();
    }

    public function testALapsedClearanceIsTold(): void
    {
        $state = fn (): string => array_column($this->getJson("/api/classes/{$this->class->id}/readiness")->json('people'), 'clearance', 'name')['Ben'];
        $this->assertSame('missing', $state());
        $this->class->forceFill(['starts_at' => now()->addDay()])->save();
        $told = fn (): array => array_column($this->answer($this->getJson("/api/classes/{$this->class->id}/plan"), 'answer-plan')['findings'], 'severity', 'key');
        $ben = $this->group->people()->where('name', 'Ben')->firstOrFail();
        foreach (['stands' => now()->subMonths(11), 'lapsed' => now()->subMonths(13)] as $expected => $date) {
            $ben->fillFrom([...$ben->document(), 'clearance' => ['date' => $date->format('Y-m-d')]])->save();
            $this->assertSame($expected, $state());
            $this->assertSame($expected === 'lapsed', array_key_exists('clearance-stands', $told()), "a clearance that $expected, on Plan");
        }
        $this->assertSame('slip', $told()['clearance-stands']);
        $this->class->forceFill(['starts_at' => null])->save();
        $this->assertArrayHasKey('clearance-stands', $told(), 'a class without a day is held against today');
    }

    public function testOnePersonIsGivenAPropAndItIsPacked(): void
    {
        $ada = $this->id('Ada');
        $place = $this->teacher->places()->create(['name' => 'Hall', 'document' => ['kit' => ['block' => 2]]]);
        $this->class->venue()->associate($place)->save();
        $shin = array_values(array_filter($this->matrix()['entries'][3]['variations'], static fn (array $one): bool => $one['isWithProp']));
        $this->assertSame('shin+block-under-foot', $shin[0]['id']);

        $answer = $this->answer($this->postJson("/api/classes/{$this->class->id}/choices", ['participant' => $ada, 'entry' => 'f', 'variation' => $shin[0]['id'], 'reason' => 'Nearer to the floor']), 'answer-matrix');
        $cell = array_column($answer['people'], null, 'name')['Ada']['cells'][3];
        $this->assertSame(['shin+block-under-foot', true], [$cell['variation'], $cell['isChosen']]);
        $block = array_column($answer['bring'], null, 'id')['block'];
        $this->assertSame([2, 0], [$block['has'], $block['short']]);
        $this->assertGreaterThanOrEqual(1, $block['needs']);

        $other = $this->answer($this->postJson("/api/classes/{$this->class->id}/choices", ['participant' => $ada, 'entry' => 'f', 'variation' => 'out+strap-round-foot', 'reason' => 'She asked']), 'answer-matrix');
        $this->assertSame([1, 0, 1], array_map(static fn (string $of): int => array_column($other['bring'], null, 'id')['strap'][$of], ['needs', 'has', 'short']), 'the teacher brings one along');
    }

    public function testAChoiceThatBreaksAPrecautionAsksTwiceAndIsLogged(): void
    {
        $ben = $this->id('Ben');
        $choice = ['participant' => $ben, 'entry' => 'f', 'variation' => 'shin', 'reason' => 'The surgeon agreed'];
        $cell = fn (): array => array_column($this->matrix()['people'], null, 'name')['Ben']['cells'][3];
        $before = $cell();

        $this->postJson("/api/classes/{$this->class->id}/choices", ['reason' => ''] + $choice)->assertUnprocessable()->assertJsonValidationErrors('reason');
        $asked = $this->postJson("/api/classes/{$this->class->id}/choices", $choice)->assertConflict();
        $this->assertStringContainsString('Hip replaced', implode(' ', $asked->json('breaks')));
        $this->assertSame($before, $cell());

        $this->answer($this->postJson("/api/classes/{$this->class->id}/choices", $choice + ['confirmed' => true]), 'answer-matrix');
        $this->assertSame(['shin', true], [$cell()['variation'], $cell()['isChosen']]);
        $this->assertStringNotContainsString('surgeon', (string) DB::table('version_choices')->value('choice'));
        $this->answer($this->deleteJson("/api/classes/{$this->class->id}/choices/$ben/f"), 'answer-matrix');
        $this->assertSame($before, $cell());
        $log = $this->matrix()['choices'];
        $this->assertSame([true, 'The surgeon agreed'], [$log[0]['isEnded'], $log[0]['reason']]);
        $this->assertNotSame([], $log[0]['despite']);
    }

    public function testWhoDoesWhatGoesOnPaper(): void
    {
        $this->get("/classes/{$this->class->id}/who/print")->assertOk()->assertSee('Cleo')->assertSee('with the group');
        $this->get("/classes/{$this->class->id}/who/" . $this->id('Cleo'))->assertOk()->assertSee('Lean to the side')->assertDontSee('Hip replaced');
        $this->get("/classes/{$this->class->id}/who/9999")->assertNotFound();
    }

    public function testAPlaceBringsItsKitAndHouseRules(): void
    {
        $place = $this->postJson('/api/places', ['name' => 'Hall'])->assertCreated()->json('id');
        $stored = ['kit' => ['strap' => 1], 'never' => ['figure-four']];
        $this->putJson("/api/places/$place", ['name' => 'Ticket hall', 'place' => $stored])->assertOk();
        $this->assertSame('Ticket hall', $this->answer($this->getJson('/api/places'), 'answer-places')['places'][0]['name']);
        $this->putJson("/api/classes/{$this->class->id}", ['title' => 'Morning class', 'group' => $this->group->id, 'venue' => $place])->assertOk()->assertJsonPath('venue.name', 'Ticket hall');

        $ada = array_column($this->matrix()['people'], null, 'name')['Ada']['cells'][3];
        $this->assertNotSame('fully', $ada['mark']);
        $this->assertStringContainsString('House rule', implode(' ', $ada['why']));
        $this->deleteJson("/api/places/$place")->assertNoContent();
        $this->assertSame('fully', array_column($this->matrix()['people'], null, 'name')['Ada']['cells'][3]['mark']);
    }

    public function testARoomIsSetOutCheckedAndPrinted(): void
    {
        $place = $this->postJson('/api/places', ['name' => 'Hall'])->json('id');
        $asked = ['room' => self::ROOM, 'class' => $this->class->id, 'shape' => 'arc'];
        $floor = $this->answer($this->postJson("/api/places/$place/floor", $asked), 'answer-floor');
        $this->assertSame([3, [], []], [$floor['fits'], $floor['without'], $floor['problems']]);

        $floor['layout']['seats'][0]['x'] = 100;
        $moved = $this->answer($this->postJson("/api/places/$place/floor", $asked + ['layout' => $floor['layout']]), 'answer-floor');
        $this->assertStringContainsString('in the wall', implode(' ', $moved['problems'][$floor['layout']['seats'][0]['person']]));
        $tight = $this->postJson("/api/places/$place/floor", ['room' => ['width' => 4000, 'depth' => 4000] + self::ROOM] + $asked);
        $this->assertNotSame([], [...$tight->json('without'), ...(array) $tight->json('gave')]);

        $this->get("/places/$place/floor?class={$this->class->id}")->assertNotFound();
        $this->putJson("/api/places/$place", ['name' => 'Hall', 'place' => ['room' => self::ROOM, 'layouts' => [(string) $this->group->id => $floor['layout']]]])->assertOk();
        $this->get("/places/$place/floor?class={$this->class->id}")->assertOk()->assertSee('Cleo');
        $this->putJson("/api/places/$place", ['name' => 'Hall', 'place' => ['room' => ['width' => 100] + self::ROOM]])->assertUnprocessable()->assertJsonPath('place', '/room/width');
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->postJson("/api/places/$place/floor", $asked)->assertNotFound();
    }

    public function testAChairIsFittedWithWhatIsAtHand(): void
    {
        $asked = ['height' => 460, 'depth' => 430, 'armrest' => 260, 'lowerLeg' => 375, 'thigh' => 480, 'shoe' => 25, 'elbow' => 225, 'shoulders' => 400, 'pieces' => [['name' => 'block', 'height' => 50, 'count' => 2]]];
        $fit = $this->answer($this->postJson('/api/fit', $asked), 'answer-fit');

        $this->assertSame([60, 50, 35, [425, 450], true], [$fit['raiseFeet'], $fit['stack']['height'], $fit['armrestOff'], $fit['strap'], $fit['feet']]);
        $this->postJson('/api/fit', ['lowerLeg' => 4] + $asked)->assertUnprocessable()->assertJsonPath('errors.lowerLeg.0', 'This is less than a body or a chair measures. Millimetres, please.');
    }

    public function testAnOwnPrecautionHoldsLikeAShippedOne(): void
    {
        $own = $this->answer($this->postJson('/api/precautions', ['name' => 'sore ribs', 'why' => 'Leaning presses on them.', 'never' => ['figure-four']]), 'answer-precautions')['own'][0];
        $this->assertContains('sore ribs', array_column($this->getJson('/api/library')->json('precautions'), 'name'));
        $ada = $this->id('Ada');
        $this->putJson("/api/people/$ada", ['name' => 'Ada', 'base' => 'chair', 'age' => 'adult', 'precautions' => [['code' => $own['code']]]])->assertOk();
        $this->assertStringContainsString('Sore ribs', implode(' ', array_column($this->matrix()['people'], null, 'name')['Ada']['cells'][3]['why']));

        $this->deleteJson("/api/precautions/{$own['code']}")->assertConflict()->assertJsonPath('message', 'It is noted for Ada. Take it away there first.');
        $this->postJson('/api/precautions', ['name' => 'x', 'why' => 'y', 'never' => ['moonlight']])->assertUnprocessable();
        $this->postJson('/api/precautions', ['code' => 'vertigo', 'name' => 'x', 'why' => 'y'])->assertUnprocessable();
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->assertNotContains('sore ribs', array_column($this->getJson('/api/library')->json('precautions'), 'name'));
    }
}
