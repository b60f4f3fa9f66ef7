<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\SeatedClass;
use App\Models\User;
use Tests\Support\AppTestCase;

/** Where a class begins: with the one before it, or with one that is made for its people. */
final class BeginningTest extends AppTestCase
{
    private User $teacher;

    private SeatedClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->class = $this->seatedClass($this->teacher, $this->people($this->teacher));
        $this->actingAs($this->teacher);
    }

    public function testTheNextClassIsAWeekOnAndBeginsOnTheOtherSide(): void
    {
        $plan = ['settings' => ['firstSide' => 'right']] + self::plan();
        $plan['sections'][1]['entries'][1]['firstSide'] = 'left';
        $this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => 1, 'plan' => $plan])->assertOk();
        $this->class->forceFill(['starts_at' => now()->subDays(15)->setTime(10, 30)])->save();
        $key = ['Idempotency-Key' => 'once-more-please'];
        $made = $this->postJson("/api/classes/{$this->class->id}/next", [], $key)->assertCreated()->json();

        $this->assertSame(now()->addDays(6)->setTime(10, 30)->format('Y-m-d\TH:i'), $made['startsAt'], 'three weeks after a class of fifteen days ago');
        $this->assertSame([$this->class->title, $this->class->group_id], [$made['title'], $made['group']['id']]);
        $next = $this->answer($this->getJson("/api/classes/$made[id]/plan"), 'answer-plan')['plan'];
        $this->assertSame('left', $next['settings']['firstSide']);
        $this->assertSame('right', $next['sections'][1]['entries'][1]['firstSide']);
        $next['settings']['firstSide'] = 'right';
        $next['sections'][1]['entries'][1]['firstSide'] = 'left';
        $this->assertEquals($plan['sections'], $next['sections'], 'nothing else is changed');
        $this->assertSame(2, $this->teacher->classes()->count());
        $listed = $this->answer($this->getJson('/api/classes'), 'answer-classes')['classes'];
        $this->assertSame($made['startsAt'], $listed[0]['nextTime']);

        $this->class->forceFill(['starts_at' => null])->save();
        $this->assertNull($this->postJson("/api/classes/{$this->class->id}/next")->assertCreated()->json('startsAt'));
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->postJson("/api/classes/{$this->class->id}/next")->assertNotFound();
    }

    public function testAWeeklyClassMakesItsNextDateOnceWhenItIsOver(): void
    {
        $dates = fn (): array => array_column($this->answer($this->getJson('/api/classes'), 'answer-classes')['classes'], 'startsAt');
        $at = fn (int $hours): bool => $this->class->forceFill(['starts_at' => now()->subHours($hours), 'is_weekly' => true])->save();
        $at(2);
        $this->assertCount(1, $dates(), 'it may still be going on');
        $at(4);
        $this->assertSame($this->class->starts_at?->copy()->addWeek()->format('Y-m-d\TH:i'), $dates()[1] ?? null);
        $this->assertCount(2, $dates(), 'once');
        $made = $this->getJson('/api/classes')->json('classes.1');
        $this->assertSame([true, ['Begins on the right this time.']], [$made['weekly'], $made['changes']]);
        $this->deleteJson("/api/classes/$made[id]")->assertNoContent();
        $this->assertCount(1, $dates(), 'what she took out stays out');
    }

    public function testAWeeklyClassThatWasLedIsFollowedAtOnceUnlessOneIsPlanned(): void
    {
        $this->class->forceFill(['starts_at' => now()->addHour(), 'is_weekly' => true])->save();
        $led = $this->class->led()->create(['revision' => 1, 'started_at' => now(), 'state' => []]);
        $this->getJson('/api/classes')->assertJsonCount(1, 'classes');
        $led->forceFill(['ended_at' => now()])->save();
        $later = $this->teacher->classes()->create(['title' => 'Later', 'group_id' => $this->class->group_id, 'starts_at' => now()->addDays(9)]);
        $later->store(self::plan());
        $this->getJson('/api/classes')->assertJsonCount(2, 'classes');
        $later->delete();
        $this->class->forceFill(['followed_at' => null])->save();
        $this->getJson('/api/classes')->assertJsonCount(2, 'classes')->assertJsonPath('classes.1.title', $this->class->title);
    }

    public function testThreeClassesAreMadeForAGroupAndOneIsTaken(): void
    {
        $asked = ['group' => $this->class->group_id, 'minutes' => 20, 'zones' => ['arms' => 3, 'hips' => 0], 'purposes' => ['cold-hands'], 'never' => ['hand-rub']];
        $made = $this->answer($this->postJson('/api/compose', $asked), 'answer-compose')['candidates'];
        $this->assertSame(['asked', 'even', 'quiet'], array_column($made, 'as'));
        $this->assertSame(0, SeatedClass::query()->where('id', '>', $this->class->id)->count(), 'nothing is stored yet');
        foreach ($made as $one) {
            $this->assertLessThanOrEqual(1200, $one['seconds']);
            $this->assertGreaterThan(1110, $one['seconds']);
            $this->assertGreaterThanOrEqual($one['score'], $one['bound']);
            $this->assertSame(3, $one['people']['all']);
            $this->assertNotContains('hand-rub', array_column($one['rows'], 'movement'));
            $this->assertNotContains('hips', array_column($one['rows'], 'zone'));
        }
        $this->assertNotSame(array_column($made[0]['rows'], 'movement'), array_column($made[2]['rows'], 'movement'));

        $id = $this->postJson('/api/classes', ['title' => 'Hands', 'slotMinutes' => 20, 'group' => $this->class->group_id, 'plan' => $made[0]['plan']])->assertCreated()->json('id');
        $plan = $this->answer($this->getJson("/api/classes/$id/plan"), 'answer-plan');
        $this->assertSame('Hands', $plan['plan']['title']);
        $this->assertSame(array_column($made[0]['rows'], 'entry'), array_column($plan['entries'], 'id'));
        $this->assertEqualsWithDelta($made[0]['seconds'], $plan['totals']['planned'], 0.01, 'what was promised is what is planned');
        $this->assertSame([], array_filter($plan['findings'], static fn (array $finding): bool => $finding['severity'] !== 'idea'));
    }

    public function testWhatIsAskedOfAClassMustMakeSense(): void
    {
        $this->postJson('/api/compose', ['minutes' => 4])->assertJsonPath('errors.minutes.0', 'A class takes 5 to 180 minutes.');
        $this->postJson('/api/compose', ['minutes' => 20, 'zones' => ['arms' => 4]])->assertUnprocessable();
        $this->postJson('/api/compose', ['minutes' => 20, 'purposes' => ['fame']])->assertUnprocessable();
        $this->postJson('/api/classes', ['title' => 'X', 'slotMinutes' => 20, 'plan' => ['sections' => 'none']])->assertUnprocessable();
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->postJson('/api/compose', ['minutes' => 20, 'group' => $this->class->group_id])->assertNotFound();
        $this->postJson('/api/compose', ['class' => $this->class->id])->assertNotFound();
        $this->getJson("/api/beginnings?group={$this->class->group_id}")->assertNotFound();
        $this->postJson('/api/classes', ['title' => 'X', 'slotMinutes' => 20, 'copyOf' => $this->class->id])->assertUnprocessable();
        $this->postJson('/api/classes', ['title' => 'X', 'slotMinutes' => 20, 'after' => $this->class->id])->assertUnprocessable();
    }

    public function testABegunClassIsCompleted(): void
    {
        $before = $this->getJson("/api/classes/{$this->class->id}/plan")->json();
        $one = $this->answer($this->postJson('/api/compose', ['class' => $this->class->id]), 'answer-compose')['candidates'][0];
        $ids = array_column($one['rows'], 'entry');
        $this->assertSame([], array_diff(array_column($before['entries'], 'id'), $ids), 'what was there stays');
        $this->assertSame(count($ids), count($before['entries']) + count($one['added']));
    }

    public function testBeginningsShowTheNextOneTheShapesAndACopy(): void
    {
        $answer = $this->answer($this->getJson("/api/beginnings?group={$this->class->group_id}"), 'answer-beginnings');
        $this->assertSame($this->class->id, $answer['last']['class']);
        $this->assertGreaterThanOrEqual(12, count($answer['shapes']));
        $this->assertNull($this->answer($this->getJson('/api/beginnings'), 'answer-beginnings')['last']);

        $plan = fn (array $from): array => $this->getJson('/api/classes/' . $this->postJson('/api/classes', ['title' => 'New', 'slotMinutes' => 45, ...$from])->assertCreated()->json('id') . '/plan')->json('plan');
        $this->assertEquals($plan(['copyOf' => $this->class->id])['sections'], $this->class->plan()->document['sections']);
        $drawn = $this->answer($this->getJson("/api/classes/{$this->class->id}/spine"), 'answer-spine');
        $this->assertSame(array_column($this->getJson("/api/classes/{$this->class->id}/plan")->json('entries'), 'id'), array_column($drawn['rows'], 'entry'));
        $this->assertSame('right', $plan(['after' => $this->class->id])['settings']['firstSide']);
    }

    public function testTheNextClassKnowsWhatHappenedInTheLast(): void
    {
        $led = $this->postJson("/api/classes/{$this->class->id}/led")->assertCreated()->json('id');
        $rows = $this->getJson("/api/classes/{$this->class->id}/plan")->json('entries');
        $sided = array_values(array_filter($rows, static fn (array $row): bool => $row['sides'] === 'one-sided'))[0];
        $done = [];
        foreach ($rows as $row) {
            foreach ($row['id'] === $rows[count($rows) - 1]['id'] ? [] : ['left', 'right'] as $side) {
                $done[] = ['entry' => $row['id'], 'side' => $side, 'counts' => true, 'length' => $row['id'] === $sided['id'] && $side === 'right' ? 100 : 300];
            }
        }
        $this->postJson("/api/led/$led/end", ['done' => $done, 'attendance' => (object) [], 'note' => 'The lean was liked.'])->assertOk();
        $last = $this->answer($this->getJson("/api/beginnings?group={$this->class->group_id}"), 'answer-beginnings')['last'];
        $this->assertSame('The lean was liked.', $last['note']);
        $this->assertContains("$sided[name] was short on the right: that side leads.", $last['says']);
        $this->assertContains('Left out last time and here again: ' . $rows[count($rows) - 1]['name'] . '.', $last['says']);
    }

    public function testAClassIsLookedAtInAnotherLengthAndBesideAnother(): void
    {
        $look = fn (array $question) => $this->postJson("/api/classes/{$this->class->id}/look", $question);
        $now = $this->getJson("/api/classes/{$this->class->id}/plan")->json('totals.planned');
        $minutes = (int) floor($now / 60 * 0.85);
        $short = $this->answer($look(['minutes' => $minutes]), 'answer-look');
        $this->assertSame($now, $short['before']['seconds']);
        $this->assertLessThanOrEqual(60 * $minutes, $short['after']['seconds']);
        $this->assertNotNull($short['plan']);
        $this->assertNotSame([], array_diff(array_column($short['rows'], 'what'), ['same']));

        $other = $this->postJson('/api/classes', ['title' => 'Other', 'slotMinutes' => 45, 'starter' => 'seated-20'])->json('id');
        $beside = $this->answer($look(['other' => $other]), 'answer-look');
        $this->assertSame('Other', $beside['before']['title']);
        $this->assertNull($beside['plan'], 'another class is not taken over by looking at it');
        $this->answer($look(['version' => 1]), 'answer-look');
        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->postJson("/api/classes/{$this->class->id}/look", ['all' => true])->assertNotFound();
    }

    public function testHowSheTeachesIsWhatANewClassBeginsWith(): void
    {
        $this->assertSame('even', $this->answer($this->getJson('/api/teaching'), 'answer-teaching')['pattern']);
        $this->answer($this->putJson('/api/teaching', ['pattern' => 'easy', 'settings' => ['order' => 'toe-to-head', 'firstSide' => 'right', 'speechRate' => 1.7]]), 'answer-teaching');
        $id = $this->postJson('/api/classes', ['title' => 'New', 'slotMinutes' => 20])->json('id');
        $plan = $this->getJson("/api/classes/$id/plan")->json('plan');
        $this->assertSame(['easy', 'toe-to-head', 1.7], [$plan['pattern'], $plan['settings']['order'], $plan['settings']['speechRate']]);
        $directions = fn (): array => $this->answer($this->postJson('/api/compose', ['minutes' => 40]), 'answer-compose')['candidates'][0]['directions'];
        $this->assertContains('turn-left', $directions());
        $this->putJson('/api/teaching', ['settings' => ['never' => ['trunk-turn']]])->assertOk();
        $this->assertSame(['fold', 'arch', 'lean-left', 'lean-right'], $directions(), 'without what she leaves out');
        $this->putJson('/api/teaching', ['settings' => ['never' => ['flying']]])->assertUnprocessable();
        $this->putJson('/api/teaching', ['settings' => ['order' => 'sideways']])->assertUnprocessable();
        $this->putJson('/api/teaching', ['pattern' => 'none'])->assertUnprocessable();
    }

    public function testTheSchoolOfAClassGivesItsDoses(): void
    {
        $plan = ['settings' => ['holds' => 'long', 'counts' => 'seconds']] + self::plan();
        $answer = $this->answer($this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => 1, 'plan' => $plan]), 'answer-plan');
        $this->assertContains('counts-as-chosen', array_column($answer['findings'], 'key'));
        $section = $plan['sections'][1]['id'];
        $card = fn (string $more): array => array_column($this->answer($this->getJson("/api/movements?words=side+lean$more"), 'answer-movements')['movements'], null, 'id')['side-lean'];
        $this->assertArrayHasKey('breaths', $card('')['dose']);
        $this->assertGreaterThanOrEqual(60, $card("&class={$this->class->id}&section=$section")['dose']['seconds']);
        $this->getJson("/api/movements?class={$this->class->id}&section=nowhere")->assertNotFound();
        $settled = $this->answer($this->postJson("/api/classes/{$this->class->id}/remedies", ['revision' => $answer['revision'], 'finding' => 'counts-as-chosen']), 'answer-plan');
        $this->assertNotContains('counts-as-chosen', array_column($settled['findings'], 'key'));
        $this->assertSame($plan['settings'], $settled['plan']['settings']);
    }

    public function testATeacherReadsMovementsByTheNamesThatSheKnows(): void
    {
        $planned = self::plan()['sections'][1]['entries'][1];
        $name = fn (): string => array_column($this->answer($this->getJson("/api/classes/{$this->class->id}/plan"), 'answer-plan')['entries'], 'name', 'id')[$planned['id']];
        $card = fn (): array => $this->answer($this->getJson('/api/movements?words=cat-cow'), 'answer-movements')['movements'][0];
        $plain = $name();
        $this->answer($this->putJson('/api/teaching', ['naming' => 'clinical']), 'answer-teaching');
        $movement = $this->answer($this->getJson("/api/movements/$planned[movement]"), 'answer-movement');
        $this->assertSame(ucfirst($movement['names']['clinical']), $name());
        $this->assertNotSame($plain, $name());
        $this->assertSame(ucfirst($card()['names']['clinical']), $card()['name']);
        $this->assertSame($card()['name'], $this->answer($this->getJson('/api/find?words=cat-cow&kind=movements'), 'answer-find')['found']['movements'][0]['name']);
        $person = $this->class->group?->people->first();
        $this->get("/classes/{$this->class->id}/who/{$person?->id}")->assertOk()->assertSee($plain)->assertDontSee($name());
        $this->putJson('/api/teaching', ['naming' => 'nicknames'])->assertUnprocessable();
    }

    public function testAFindingIsSetAsideHereAndEverywhere(): void
    {
        $findings = fn (): array => $this->answer($this->getJson("/api/classes/{$this->class->id}/plan"), 'answer-plan');
        $before = $findings();
        $one = array_values(array_filter($before['findings'], static fn (array $finding): bool => $finding['severity'] !== 'harm'))[0];
        $plan = [...$before['plan'], 'setAside' => [['finding' => $one['key'], 'reason' => 'They know.']]];
        $here = $this->answer($this->putJson("/api/classes/{$this->class->id}/plan", ['revision' => $before['revision'], 'plan' => $plan]), 'answer-plan');
        $this->assertNotContains($one['key'], array_column($here['findings'], 'key'));
        $this->assertSame([['key' => $one['key'], 'says' => $one['says'], 'reason' => 'They know.', 'everywhere' => false]], $here['setAside']);

        $this->postJson("/api/classes/{$this->class->id}/undo", ['revision' => $here['revision']])->assertOk();
        $this->putJson('/api/teaching', ['setAside' => [strtok($one['key'], ':') => 'Not my way.']])->assertOk();
        $this->assertContains($one['key'], array_column($findings()['setAside'], 'key'));
        $this->assertTrue($findings()['setAside'][0]['everywhere']);
    }

    public function testARunIsKeptAsABlockForOneTeacher(): void
    {
        $entry = ['id' => 'a', 'movement' => 'side-lean', 'variation' => 'arm', 'dose' => ['breaths' => 4], 'group' => 'g'];
        $block = ['entries' => [$entry, ['id' => 'b', 'movement' => 'cat-cow'] + ['variation' => 'full'] + $entry], 'groups' => [['id' => 'g', 'kind' => 'set', 'times' => 2]]];
        $kept = $this->answer($this->postJson('/api/blocks', ['name' => 'Back, twice', 'block' => $block]), 'answer-blocks')['blocks'];
        $this->assertSame(['Back, twice', $block], [$kept[0]['name'], $kept[0]['block']]);
        $this->assertGreaterThan(120, $kept[0]['seconds']);
        $this->postJson('/api/blocks', ['name' => '', 'block' => $block])->assertJsonPath('errors.name.0', 'Please give it a name of up to 100 letters, such as "Hands, three times".');
        $this->postJson('/api/blocks', ['name' => 'X', 'block' => ['entries' => [['movement' => 'flying'] + $entry]]])->assertUnprocessable();

        $this->actingAs($this->teacher('other@kind-chair.example'));
        $this->assertSame([], $this->getJson('/api/blocks')->json('blocks'));
        $this->deleteJson("/api/blocks/{$kept[0]['id']}")->assertNotFound();
        $this->actingAs($this->teacher);
        $this->assertSame([], $this->answer($this->deleteJson("/api/blocks/{$kept[0]['id']}"), 'answer-blocks')['blocks']);
    }

    public function testThePickerShowsFirstWhatFitsWhereItIsAsked(): void
    {
        $first = fn (string $section, string $more = ''): array => array_column(array_slice($this->answer($this->getJson("/api/movements?class={$this->class->id}&section=$section$more"), 'answer-movements')['movements'], 0, 8), 'zone', 'id');
        $this->assertSame([null], array_values(array_unique($first('settle'))), 'quiet things to settle with');
        $this->assertNotContains(null, $first('main'));
        $this->assertArrayNotHasKey('neck-turn', $first('main'), 'what is there already is not offered first');
        $this->assertNotSame($first('settle'), $first('settle', '&words=neck'), 'who asks by words gets what the words find');
        $this->getJson("/api/movements?class={$this->class->id}&section=nowhere")->assertNotFound();
    }
}
