<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Group;
use App\Models\Participant;
use App\Models\SeatedClass;
use App\Models\User;
use App\Planning\ClassPlanner;
use App\Planning\DoneVersions;
use Illuminate\Database\Seeder;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use KindChair\Format\Node;
use KindChair\Format\PlaceReader;
use KindChair\Format\PlanReader;
use KindChair\Place\Clearance;
use KindChair\Place\LayoutShape;
use KindChair\Place\SeatKind;
use KindChair\Place\SettingOut;
use KindChair\Timeline\Beat;

/** A made-up teacher with the Tuesday group at Ferry House, an old ticket hall by a river, and a ward round on Thursdays. */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'demo@kind-chair.example';

    public function run(ClassPlanner $planner): void
    {
        if (User::query()->where('email', self::EMAIL)->exists()) {
            return;
        }
        $teacher = User::query()->create([
            'name' => 'Marit Halloran',
            'email' => self::EMAIL,
            'password' => Str::random(40),
            'is_keeper' => true,
        ]);
        $group = $teacher->groups()->create(['name' => 'Tuesday group, Ferry House']);
        foreach (self::people() as $index => $person) {
            $group->add(['id' => 'p' . ($index + 1), ...$person]);
        }
        $hall = $teacher->places()->create(['name' => 'Ferry House, ticket hall', 'document' => self::hall($planner, $group)]);
        // The class with something to settle comes first, whichever day of the week the demo begins on.
        $tuesday = Carbon::parse('next tuesday 10:30');
        $this->plan($teacher, $group, 'Tuesday seated class', $tuesday, self::plannedSections())->update(['place_id' => $hall->id]);
        $past = $this->plan($teacher, $group, 'Tuesday seated class', Carbon::parse('last tuesday 10:30'), self::pastSections());
        $this->log($planner, $past);
        $ward = $teacher->groups()->create(['name' => WardRound::GROUP]);
        foreach (WardRound::people() as $index => $person) {
            $ward->add(['id' => 'w' . ($index + 1), ...$person]);
        }
        $this->plan($teacher, $ward, WardRound::TITLE, $tuesday->copy()->next('thursday')->setTime(14, 0), WardRound::sections(), WardRound::PLACE, WardRound::MINUTES);
    }

    /** @param list<array<string, mixed>> $sections */
    private function plan(User $teacher, Group $group, string $title, Carbon $at, array $sections, string $place = 'Ferry House, ticket hall', int $minutes = 45): SeatedClass
    {
        $class = $teacher->classes()->make(['title' => $title, 'place' => $place, 'starts_at' => $at, 'is_weekly' => $at->isFuture()]);
        $class->group()->associate($group);
        $class->save();
        $class->store([
            'format' => 'kind-chair/class',
            'version' => PlanReader::VERSION,
            'title' => $title,
            'slotMinutes' => $minutes,
            'pattern' => 'even',
            'settings' => ['order' => 'head-to-toe', 'firstSide' => 'left', 'speechRate' => 2, 'mirrors' => true],
            'sections' => $sections,
        ]);

        return $class;
    }

    /**
     * A hall of eleven by nine metres with its old counter, two kinds of chair, and fewer straps than one would like.
     *
     * @return array<string, mixed>
     */
    private static function hall(ClassPlanner $planner, Group $group): array
    {
        $room = [
                'width' => 11_000,
                'depth' => 9000,
                'doors' => [['wall' => 'back', 'at' => 1500, 'width' => 1200], ['wall' => 'right', 'at' => 7800, 'width' => 900]],
                'fixed' => [['name' => 'Counter', 'x' => 0, 'y' => 1500, 'width' => 900, 'depth' => 3200], ['name' => 'Stove', 'x' => 10_100, 'y' => 300, 'width' => 900, 'depth' => 900]],
        ];
        $people = [];
        foreach ($planner->group($group)->people as $person) {
            $people[$person->id] = SeatKind::for($person->base);
        }
        $plan = SettingOut::plan(PlaceReader::room(Node::root($room)), new Clearance(1800, 900, 0), LayoutShape::Arc, $people);

        return [
            'room' => $room,
            'layouts' => [(string) $group->id => ['shape' => LayoutShape::Arc->value] + $plan->toArray()],
            'chairs' => [['name' => 'Waiting-room chair', 'height' => 460, 'depth' => 430], ['name' => 'Armchair', 'height' => 440, 'depth' => 480, 'armrest' => 260]],
            'pieces' => [['name' => 'block', 'height' => 50, 'count' => 6], ['name' => 'timetable', 'height' => 22, 'count' => 8]],
            'kit' => ['cushion' => 6, 'strap' => 2, 'block' => 4, 'ball' => 0],
        ];
    }

    /** A finished class: a little slow in the middle, and the second lean cut short. */
    private function log(ClassPlanner $planner, SeatedClass $class): void
    {
        $group = $planner->group($class->group);
        $timeline = $planner->timeline($planner->read($class->plan()->document), $group);
        $done = array_map(static fn (Beat $beat): array => [
            'entry' => $beat->entryId,
            'side' => $beat->side?->value,
            'counts' => $beat->kind->counts(),
            // She kept the time herself.
            'kind' => $beat->kind->value,
            'own' => true,
            'length' => match (true) {
                $beat->entryId === 'e10' && $beat->side?->value === 'right' => intdiv($beat->length, 2),
                $beat->kind->counts() => $beat->length,
                default => (int) round($beat->length * 1.2),
            },
        ], $timeline->beats());
        $start = $class->starts_at ?? Carbon::now();
        $led = $class->led()->create([
            'revision' => $class->revision,
            'started_at' => $start->copy()->addMinutes(2),
            'ended_at' => $start->copy()->addSeconds(120 + (int) round(array_sum(array_column($done, 'length')) / 10)),
            'note' => 'The lean to the right was cut short when tea came early. Agnes liked the sighs; start with them again.',
        ]);
        $led->noteDone($done);
        $came = $class->group?->people->mapWithKeys(static fn (Participant $person): array => [$person->id => $person->key !== 'p9'])->all() ?? [];
        $led->noteAttendance($came);
        foreach ((new DoneVersions($planner))->of($led->load('seatedClass.group.people')) as $version) {
            if ($came[$version['participant_id']]) {
                $led->versions()->create($version);
            }
        }
    }

    /** @return list<array<string, mixed>> */
    private static function people(): array
    {
        $noted = static fn (string $code, ?string $side = null): array => array_filter(['code' => $code, 'side' => $side]);

        return [
            ['name' => 'Agnes T.', 'base' => 'chair', 'age' => '80+', 'pace' => 'slow', 'precautions' => [$noted('osteoporosis'), $noted('bp-high-controlled')], 'measures' => ['lowerLeg' => 375, 'thigh' => 430, 'shoe' => 25, 'elbow' => 200, 'shoulders' => 400], 'consent' => '2026-09-01', 'emergency' => ['name' => 'Her niece', 'phone' => '555 0142']],
            ['name' => 'Bram K.', 'base' => 'wheelchair', 'age' => '70-79', 'pace' => 'free', 'precautions' => [$noted('shoulder-limited', 'right')]],
            ['name' => 'Cosima R.', 'base' => 'bed', 'age' => '80+', 'pace' => 'needs-hand', 'precautions' => [$noted('bp-low')], 'notes' => 'Tilted bed chair by the window. Likes to be told first.'],
            ['name' => 'Dov L.', 'base' => 'chair', 'age' => '70-79', 'pace' => 'slow', 'precautions' => [$noted('hip-replaced-back', 'left')], 'notes' => 'New hip in May; the surgeon says until next spring.'],
            ['name' => 'Edda M.', 'base' => 'standing', 'age' => '60-69', 'pace' => 'free', 'precautions' => []],
            ['name' => 'Fergus O.', 'base' => 'wheelchair', 'age' => '70-79', 'pace' => 'slow', 'precautions' => [$noted('stroke-side', 'left')], 'weak' => [['limb' => 'arm', 'side' => 'left', 'does' => 'able-side'], ['limb' => 'leg', 'side' => 'left', 'does' => 'assisted']]],
            ['name' => 'Greta V.', 'base' => 'chair', 'age' => '70-79', 'pace' => 'free', 'precautions' => [$noted('neck-arthritis'), $noted('hearing')]],
            ['name' => 'Hamid S.', 'base' => 'chair', 'age' => '70-79', 'pace' => 'slow', 'precautions' => [$noted('parkinsons')]],
            ['name' => 'Iris P.', 'base' => 'chair', 'age' => '70-79', 'pace' => 'free', 'precautions' => [$noted('knee-pain', 'right'), $noted('wrist-hand')], 'ranges' => [['action' => 'knee-flexion', 'side' => 'right', 'degrees' => 100]]],
            ['name' => 'Jonas W.', 'base' => 'chair', 'age' => '70-79', 'pace' => 'free', 'precautions' => [$noted('dementia'), $noted('vertigo')]],
        ];
    }

    /**
     * Planned with three things to settle: a movement that one person must not do,
     * one that jumps back up the body, and one with a single side.
     *
     * @return list<array<string, mixed>>
     */
    private static function plannedSections(): array
    {
        $sections = self::pastSections();
        $main = array_column($sections[3]['entries'], null, 'id');
        $wrists = $main['e15'];
        $main['e20'] = self::entry('e20', 'figure-four', 'shin', ['breaths' => 5]);
        $main['e21']['except'] = [['side' => 'right', 'dose' => null]];
        unset($main['e15']);
        $main = array_values($main);
        array_splice($main, 11, 0, [$wrists]);
        $sections[3]['entries'] = $main;

        return $sections;
    }

    /** @return list<array<string, mixed>> */
    private static function pastSections(): array
    {
        $section = static fn (string $kind, array $entries, array $more = []): array => ['id' => $kind, 'kind' => $kind, ...$more, 'entries' => $entries];

        return [
            $section('arrive', [
                self::entry('e1', 'arrive', 'tall', ['breaths' => 12]),
                self::entry('e2', 'opening-sighs', 'sigh', ['breaths' => 3], ['pattern' => 'longer-out-short']),
            ]),
            $section('breathe', [self::entry('e3', 'belly-breath', 'hands', ['breaths' => 16])]),
            $section('warm', [
                self::entry('e4', 'shoulder-lift', 'full', ['breaths' => 8]),
                self::entry('e5', 'heel-toe-rock', 'full', ['repetitions' => 12]),
                self::entry('e6', 'arms-sweep', 'high', ['breaths' => 8], ['rest' => 20]),
            ]),
            $section('head-to-toe', [
                self::entry('e7', 'neck-turn', 'full', ['breaths' => 6]),
                self::entry('e8', 'neck-tilt', 'full', ['breaths' => 5]),
                self::entry('e9', 'chin-nod', 'full', ['breaths' => 6]),
                self::entry('e16', 'shoulder-circles', 'full', ['breaths' => 6]),
                self::entry('e15', 'wrist-circles', 'free', ['breaths' => 6]),
                self::entry('e17', 'open-close-hands', 'front', ['breaths' => 8]),
                self::entry('e18', 'link-press', 'link', ['breaths' => 5]),
                self::entry('e11', 'cat-cow', 'full', ['breaths' => 8]),
                self::entry('e10', 'side-lean', 'arm', ['breaths' => 6]),
                self::entry('e12', 'seated-twist', 'thigh', ['breaths' => 6]),
                self::entry('e13', 'supported-fold', 'forearms', ['breaths' => 5], ['rest' => 16]),
                self::entry('e14', 'knee-lift', 'free', ['repetitions' => 6]),
                self::entry('e20', 'knees-out', 'full', ['repetitions' => 8]),
                self::entry('e19', 'leg-extension', 'full', ['repetitions' => 6]),
                self::entry('e21', 'ankle-circles', 'light', ['repetitions' => 5]),
                self::entry('e22', 'toe-spread', 'full', ['breaths' => 8]),
            ]),
            $section('settle', [
                self::entry('e23', 'belly-breath', 'lap', ['breaths' => 10]),
                self::entry('e24', 'quiet-sitting', 'back', ['breaths' => 18]),
            ], ['pattern' => 'longer-out']),
        ];
    }

    /**
     * @param array<string, int> $dose
     * @param array<string, mixed> $more
     * @return array<string, mixed>
     */
    private static function entry(string $id, string $movement, string $variation, array $dose, array $more = []): array
    {
        return ['id' => $id, 'movement' => $movement, 'variation' => $variation, 'dose' => $dose, ...$more];
    }
}
