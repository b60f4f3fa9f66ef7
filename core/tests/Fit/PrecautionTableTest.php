<?php

declare(strict_types=1);

namespace KindChair\Tests\Fit;

use KindChair\Body\AgeBand;
use KindChair\Body\Side;
use KindChair\Fit\Assignment;
use KindChair\Fit\Chooser;
use KindChair\Fit\Mark;
use KindChair\Fit\PersonVersion;
use KindChair\Movement\Base;
use KindChair\People\NotedPrecaution;
use KindChair\Tests\Support\Make;
use KindChair\Timeline\TimelineBuilder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** For each precaution, affected on the left: movements that must differ, and how. */
final class PrecautionTableTest extends TestCase
{
    /**
     * Base (a chair where none is told), movement and rung as planned, and what becomes of it: another rung, another
     * movement, held to a range, paused after so many seconds, adapted, or a rest.
     */
    private const TABLE = [
        'bp-high-controlled' => ['side-lean/arm pause 30', 'supported-fold/shins pause 10', 'box-breath/pauses even'],
        'bp-high-uncontrolled' => ['back-rub-fold/shins thighs', 'blades-squeeze/full gentle', 'both-elbows-up/over pause 15', 'supported-fold/forearms hinge'],
        'bp-low' => ['supported-fold/shins forearms', 'sweep-fold/shins thighs', 'standing heel-raises/stand sit'],
        'heart' => ['cushion-squeeze/full rests', 'press-walls/full gentle', 'both-elbows-up/over pause 15', 'bed bridge/lift rests'],
        'lungs' => ['box-breath/pauses even', 'both-elbows-up/over pause 15', 'bed arms-out-rest/flat low'],
        'vertigo' => ['head-circle/circle wider', 'look-up/gaze eyes', 'cat-cow/full pelvis', 'supported-fold/shins forearms'],
        'osteoporosis' => ['cat-cow/full held', 'roll-down-up/knees held', 'diagonal-reach/long half', 'seated-twist/thigh held', 'head-cradle/hands deeper'],
        'disc' => ['cat-cow/full held', 'roll-down-up/knees held', 'half-lift/half tall', 'head-cradle/hands deeper'],
        'stenosis' => ['cat-cow/full held', 'back-rub-fold/shins held', 'chest-open-curl/sides held'],
        'neck-arthritis' => ['head-circle/circle wider', 'neck-tilt-hand/hand further', 'neck-turn/full held'],
        'neck-unstable' => ['neck-turn/full held', 'look-to-hip/hand full', 'head-circle/circle wider'],
        'fall-recent' => ['standing crossed-stand-lean/stand far'],
        'hip-replaced-back' => ['figure-four/thigh out', 'thigh-cross/thigh rests', 'hinge-long/hinge small', 'knee-lift/free weight-foot-to-foot'],
        'hip-replaced-front' => ['sideways-lunge/side front', 'figure-four/shin held', 'sideways-thigh/side front'],
        'hip-replaced' => ['figure-four/thigh out', 'sideways-lunge/side front', 'hinge-long/hinge small'],
        'knee-replaced' => ['figure-four/shin out', 'feet-tucked/tops toes', 'heel-front-toe-back/long half'],
        'knee-pain' => ['figure-four/shin out', 'thigh-cross/thigh ankles', 'leg-raise-strap/chair pause 5'],
        'shoulder-limited' => ['arm-raise/full held', 'clasp-behind/link sides', 'cat-cow/palms full', 'strap-pull/chest lap'],
        'wrist-hand' => ['wrist-rock/lean rest', 'finger-pull/pull stroke', 'strap-raise/high low'],
        'stroke-side' => ['arm-across/full gentle', 'strap-pull/chest lap', 'finger-pull/pull stroke', 'arm-raise/full held'],
        'parkinsons' => ['standing crossed-stand-lean/stand far'],
        'ms' => ['lift-and-stretch/full pause 60', 'side-lean/arm pause 60', 'seated-twist/thigh pause 60'],
        'sci' => ['arms-sweep/high adapted', 'cat-cow/full held', 'turn-arms-out/full held'],
        'amputation' => ['ankle-circles/light adapted', 'leg-extension/full adapted', 'heel-toe-rock/full adapted'],
        'eyes-pressure' => ['supported-fold/shins hinge', 'half-lift/half tall', 'head-press-side/press think'],
        'pregnancy' => ['knee-hug/hug thigh', 'seated-twist/thigh held', 'supported-fold/forearms hinge', 'bed arms-out-rest/flat low'],
        'hernia-surgery' => ['knee-hug/hug thigh', 'press-walls/full gentle', 'cat-cow/full held'],
        'reflux-meal' => ['supported-fold/forearms hinge', 'knee-hug/hug thigh', 'half-lift/half tall'],
        'dementia' => ['seated-salute/full gather-and-open', 'arms-flow/high arms-meet-and-open', 'turn-and-gather/high turn-arms-out'],
        'epilepsy' => ['box-breath/pauses even'],
        'pacemaker-recent' => ['arm-raise/full held', 'side-lean/arm held', 'arms-sweep/high held', 'strap-pull/chest lap'],
        'lines-tubes' => ['knee-hug/hug thigh', 'supported-fold/forearms hinge', 'bed bridge/lift press'],
        'skin-fragile' => ['tap-arms/full shake-out', 'hold-muscle-turn/hold turn', 'strap-foot/strap longer'],
        'neuropathy' => ['ball-roll/ball toe-spread', 'ankle-by-hand/hand floor', 'standing heel-raises/stand sit'],
        'circulation' => ['thigh-cross/thigh pause 30', 'strap-foot/strap longer', 'hold-muscle-turn/hold turn'],
        'slipped-vertebra' => ['cat-cow/full held', 'seated-twist/thigh held', 'strap-pull/chest ribs'],
        'diabetes' => ['ankle-by-hand/hand floor', 'sole-thumbs/thigh floor'],
        'lymphoedema' => ['tap-arms/full gentle', 'strap-foot/strap longer', 'hold-muscle-turn/hold turn'],
        'hypermobile' => ['arm-raise/full held', 'elbow-bend/full held', 'arms-front-float/high held'],
        'spasticity' => ['standing heel-raises/stand sit', 'bed arms-out-rest/flat low'],
        'pain-lasting' => ['side-lean/arm pause', 'arms-sweep/high pause', 'neck-turn/full pause'],
        'trauma-aware' => ['notice-breath/closed lowered', 'hands-behind-head/head wide', 'face-palms/touch hover'],
        'surgery-recent' => ['arm-raise/full held', 'seated-twist/thigh held', 'blades-squeeze/full gentle'],
        'today-dizzy' => ['supported-fold/shins forearms', 'look-up/gaze eyes', 'compare/closed open'],
        'today-pain' => ['side-lean/arm pause', 'arms-sweep/high pause', 'neck-turn/full pause'],
        'today-fall' => ['standing heel-raises/stand sit', 'standing crossed-stand-lean/stand far', 'standing calf-step-back/stand long'],
    ];

    /** @param list<string> $rows */
    #[DataProvider('table')]
    public function testWhatMustDifferDoes(string $code, array $rows): void
    {
        $seen = $told = [];
        foreach ($rows as $row) {
            $parts = explode(' ', $row);
            $base = Base::tryFrom($parts[0]);
            [$planned, $to] = [$base === null ? $parts[0] : $parts[1], implode(' ', array_slice($parts, $base === null ? 1 : 2))];
            $version = self::version($code, $base ?? Base::Chair, $planned);
            $became = self::became($planned, $version);
            $seen[] = "$planned " . ($to === 'pause' && str_starts_with($became, 'pause') ? 'pause' : $became);
            $told[] = "$planned $to";
            self::assertNotSame([], $version->why, "$code: $planned is not explained");
        }

        self::assertSame($told, $seen);
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function table(): iterable
    {
        foreach (self::TABLE as $code => $rows) {
            yield $code => [$code, $rows];
        }
    }

    public function testWhatOnlyRemindsIsNotInTheTable(): void
    {
        $codes = array_column(Make::craft()->precautions->all(), 'code');

        self::assertEqualsCanonicalizing(['hearing', 'sight', 'today-medicine'], array_values(array_diff($codes, array_keys(self::TABLE))));
    }

    private static function version(string $code, Base $base, string $planned): PersonVersion
    {
        $craft = Make::craft();
        [$id, $rung] = explode('/', $planned);
        $movement = $craft->library->get($id);
        $plan = Make::plan(Make::entry('e', $id, $movement->doses->usual, variation: $rung));
        $passes = (new TimelineBuilder($craft->library, $craft->changeOvers))->build($plan)->passesOf('e');
        $person = Make::person('a', $base, ['age' => AgeBand::Adult, 'precautions' => [new NotedPrecaution($craft->precautions->get($code), Side::Left)]]);

        return (new Chooser($craft->library, $craft->ranges, $craft->demands))->choose($person, new Assignment($movement, $movement->variation($rung), Make::even(), $passes));
    }

    private static function became(string $planned, PersonVersion $version): string
    {
        [$movement, $rung] = explode('/', $planned);

        return match (true) {
            $version->movement === null => 'rests',
            $version->movement !== $movement => $version->movement,
            $version->variation !== $rung => (string) $version->variation,
            $version->atMost !== null => 'pause ' . intdiv($version->atMost, 10),
            $version->caps !== [] => 'held',
            default => $version->mark === Mark::Fully ? 'as planned' : 'adapted',
        };
    }
}
