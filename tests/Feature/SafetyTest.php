<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Group;
use App\Models\SeatedClass;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\AppTestCase;

/** What has to be remembered reaches the teacher before class, on paper and while leading; authors are told what a movement asks. */
final class SafetyTest extends AppTestCase
{
    private User $teacher;
    private SeatedClass $class;

    protected function setUp(): void
    {
        parent::setUp();
        $this->teacher = $this->teacher();
        $this->class = $this->seatedClass($this->teacher, $this->group());
        $this->actingAs($this->teacher);
    }

    private function group(): Group
    {
        $group = $this->people($this->teacher);
        $group->add(['id' => 'p4', 'name' => 'Dan', 'base' => 'chair', 'age' => '70-79', 'precautions' => [['code' => 'stroke-side', 'side' => 'left']]]);
        $group->add(['id' => 'p5', 'name' => 'Eve', 'base' => 'chair', 'age' => 'adult', 'precautions' => [['code' => 'hearing']]]);

        return $group;
    }

    public function testWhatHoldsForAWholeClassIsSaidBeforeItOnPaperAndWhileLeading(): void
    {
        $before = $this->answer($this->getJson("/api/classes/{$this->class->id}/readiness"), 'answer-readiness');
        $always = array_column($before['people'], 'always', 'key');
        $this->assertSame(['Face them; cue before you turn away.'], $always['p5']);
        $this->assertSame([], $always['p1']);

        $this->get("/classes/{$this->class->id}/sheet?people=1")->assertOk()->assertSee('The weak foot placed well before you begin.');
        $this->get("/classes/{$this->class->id}/sheet")->assertOk()->assertDontSee('The weak foot placed well before you begin.');

        $led = (int) $this->postJson("/api/classes/{$this->class->id}/led")->json('id');
        $lead = $this->answer($this->getJson("/api/led/$led/beats"), 'answer-lead');
        $this->assertSame($always['p4'], array_column($lead['people'], 'always', 'id')['p4']);
        $this->assertNotSame([], $lead['stopSigns']);
    }

    public function testAMovementRemindsOfThoseWhomItTouchesAlone(): void
    {
        $led = (int) $this->postJson("/api/classes/{$this->class->id}/led")->json('id');
        $lead = $this->answer($this->getJson("/api/led/$led/beats"), 'answer-lead');
        $told = static fn (string $entry): array => array_column(array_column($lead['entries'], 'reminders', 'id')[$entry], 'watch', 'person');

        $this->assertSame(['Never pull the weak arm; hold wrist and elbow.'], $told('b')['p4'], 'an arm goes up');
        $this->assertArrayNotHasKey('p4', $told('z'), 'sitting quietly asks nothing of an arm');
        $this->assertArrayNotHasKey('p1', $told('b'), 'there is nothing to remember of somebody without a precaution');
    }

    public function testWhoHasOneLegIsDrawnWithOneAndDoesItWithThatOne(): void
    {
        $group = $this->teacher->groups()->create(['name' => 'One leg']);
        $group->add(['id' => 'p9', 'name' => 'Fay', 'base' => 'wheelchair', 'age' => '70-79', 'precautions' => [['code' => 'amputation', 'side' => 'left']]]);
        $plan = self::plan();
        $plan['sections'][1]['entries'] = [self::entry('a', 'ankle-circles', 'heel', 4), self::entry('b', 'side-lean', 'arm', 4)];
        $class = $this->seatedClass($this->teacher, $group, $plan);

        $cells = array_column($this->answer($this->getJson("/api/classes/{$class->id}/matrix"), 'answer-matrix')['people'][0]['cells'], 'figure');
        $this->assertStringEndsWith('/right/leg-left', $cells[1], 'the leg that is there works');
        $this->assertStringEndsWith('/left/leg-left', $cells[2], 'a lean has its sides');

        $led = (int) $this->postJson("/api/classes/{$class->id}/led")->json('id');
        $lead = $this->answer($this->getJson("/api/led/$led/beats"), 'answer-lead');
        $circles = array_column(array_column($lead['entries'], 'different', 'id')['a'], 'figures', 'person')['p9'];
        foreach (['left', 'right'] as $named) {
            $this->assertStringEndsWith('/left/leg-right', $circles[$named], 'seen from the front, whichever side is named');
            $this->assertNotSame([], $lead['figures'][$circles[$named]]);
        }
    }

    public function testAMovementTellsByNameWhomItIsNotFor(): void
    {
        $other = $this->teacher('someone@kind-chair.example');
        $this->people($other);
        $asks = static fn (array $asks): array => array_column($asks, 'people', 'demand')['figure-four'];
        $page = $this->answer($this->getJson('/api/movements/figure-four'), 'answer-movement');
        $rung = array_column($page['variations'], null, 'id')[$page['usual']];
        $this->assertSame(['Ben'], $asks($rung['asks']), 'a new hip, and nobody of another teacher');

        $own = $this->answer($this->postJson('/api/own', ['after' => 'figure-four'])->assertCreated(), 'answer-own');
        $this->assertSame(['Ben'], $asks($own['asks'][$page['usual']]));
    }

    public function testAnAuthorIsToldWhatAMovementAsksAndOfWhomNot(): void
    {
        $shipped = base_path('core/data/movements/side-lean.json');
        $this->assertSame(0, Artisan::call('movement:check', ['files' => [$shipped]]));
        $said = Artisan::output();
        $this->assertStringContainsString('leaning to the side', $said);
        $this->assertStringContainsString('Nothing is wrong with it.', $said);

        $folded = base_path('core/data/movements/figure-four.json');
        Artisan::call('movement:check', ['files' => [$folded]]);
        $this->assertMatchesRegularExpression('/one ankle on the other leg.*not for: .*hip replaced/i', Artisan::output());

        $file = (string) tempnam(sys_get_temp_dir(), 'movement');
        file_put_contents($file, str_replace('"steps"', '"stages"', (string) file_get_contents($folded)));
        $this->assertSame(1, Artisan::call('movement:check', ['files' => [$file]]));
        $this->assertStringContainsString('steps', Artisan::output());
        unlink($file);
        $this->assertSame(1, Artisan::call('movement:check', ['files' => [$file]]), 'a file that is not there');
        $this->assertStringContainsString('no file to read', Artisan::output());
    }
}
