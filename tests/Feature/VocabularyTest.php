<?php

declare(strict_types=1);

namespace Tests\Feature;

use KindChair\Body\AgeBand;
use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Region;
use KindChair\Body\Side;
use KindChair\Body\Zone;
use KindChair\Breath\Breath;
use KindChair\Compose\Character;
use KindChair\Demand\Demand;
use KindChair\Figure\Shape;
use KindChair\Fit\Mark;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Base;
use KindChair\Movement\BodyNote;
use KindChair\Movement\DoseUnit;
use KindChair\Movement\Effort;
use KindChair\Movement\ElbowPlace;
use KindChair\Movement\FaceForm;
use KindChair\Movement\Facing;
use KindChair\Movement\FingerForm;
use KindChair\Movement\HandPlace;
use KindChair\Movement\LegContact;
use KindChair\Movement\MainBase;
use KindChair\Movement\MovementKind;
use KindChair\Movement\Naming;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\PropPlace;
use KindChair\Movement\PropUse;
use KindChair\Movement\Pulled;
use KindChair\Movement\RefinementKind;
use KindChair\Movement\SideMeaning;
use KindChair\Movement\SideUse;
use KindChair\Movement\TouchKind;
use KindChair\Movement\View;
use KindChair\People\ClearanceState;
use KindChair\People\Confidence;
use KindChair\People\Pace;
use KindChair\People\WeakLimbDoes;
use KindChair\Place\LayoutShape;
use KindChair\Place\SeatKind;
use KindChair\Place\Wall;
use KindChair\Plan\BreathRoute;
use KindChair\Plan\Ending;
use KindChair\Plan\GroupKind;
use KindChair\Plan\HoldSchool;
use KindChair\Plan\InterludeAt;
use KindChair\Plan\RoundBy;
use KindChair\Plan\School;
use KindChair\Plan\SectionKind;
use KindChair\Plan\SetChange;
use KindChair\Plan\SideSchool;
use KindChair\Plan\SittingSchool;
use KindChair\Review\Concern;
use KindChair\Review\RowChanges;
use KindChair\Review\Severity;
use KindChair\Timeline\BeatKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use UnitEnum;

/** A closed set of words has one home: schema/vocabulary.schema.json. The core's enums are the same, and nobody lists them again. */
final class VocabularyTest extends TestCase
{
    /** @var array<string, class-string<UnitEnum>> */
    private const ENUMS = [
        'ageBand' => AgeBand::class,
        'angleRole' => AngleRole::class,
        'base' => Base::class,
        'mainBase' => MainBase::class,
        'beatKind' => BeatKind::class,
        'breath' => Breath::class,
        'character' => Character::class,
        'clearance' => ClearanceState::class,
        'confidence' => Confidence::class,
        'findingKind' => Concern::class,
        'severity' => Severity::class,
        'groupKind' => GroupKind::class,
        'interludeAt' => InterludeAt::class,
        'jointAction' => JointAction::class,
        'layoutShape' => LayoutShape::class,
        'limb' => Limb::class,
        'mark' => Mark::class,
        'movementKind' => MovementKind::class,
        'pace' => Pace::class,
        'phase' => Phase::class,
        'position' => Position::class,
        'refinementKind' => RefinementKind::class,
        'region' => Region::class,
        'regionOrder' => School::class,
        'holdSchool' => HoldSchool::class,
        'sideSchool' => SideSchool::class,
        'ending' => Ending::class,
        'sittingSchool' => SittingSchool::class,
        'breathRoute' => BreathRoute::class,
        'doseUnit' => DoseUnit::class,
        'naming' => Naming::class,
        'seatKind' => SeatKind::class,
        'roundBy' => RoundBy::class,
        'rowChange' => RowChanges::class,
        'sectionKind' => SectionKind::class,
        'setChange' => SetChange::class,
        'side' => Side::class,
        'sideMeaning' => SideMeaning::class,
        'sides' => SideUse::class,
        'bodyNote' => BodyNote::class,
        'demand' => Demand::class,
        'effort' => Effort::class,
        'elbowPlace' => ElbowPlace::class,
        'handPlace' => HandPlace::class,
        'legContact' => LegContact::class,
        'pulled' => Pulled::class,
        'touchKind' => TouchKind::class,
        'view' => View::class,
        'facing' => Facing::class,
        'faceForm' => FaceForm::class,
        'fingerForm' => FingerForm::class,
        'propPlace' => PropPlace::class,
        'propUse' => PropUse::class,
        'wall' => Wall::class,
        'weakLimbDoes' => WeakLimbDoes::class,
        'zone' => Zone::class,
    ];

    /** Letters from one word of a list to the next, its name between them. */
    private const NEAR = 80;

    /** @return array<string, list<string>> */
    private static function sets(): array
    {
        /** @var array{'$defs': array<string, array{enum: list<string>}>} $schema */
        $schema = json_decode((string) file_get_contents(self::root() . '/schema/vocabulary.schema.json'), true);

        return array_map(static fn (array $set): array => $set['enum'], $schema['$defs']);
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @param class-string<UnitEnum> $enum */
    #[DataProvider('enums')]
    public function testASetIsTheCoresEnum(string $set, string $enum): void
    {
        $words = array_map(static fn (UnitEnum $case): string => $case instanceof \BackedEnum && is_string($case->value) ? $case->value : strtolower($case->name), $enum::cases());

        self::assertSame(self::sets()[$set], $words);
    }

    /** @return iterable<string, array{string, class-string<UnitEnum>}> */
    public static function enums(): iterable
    {
        foreach (self::ENUMS as $set => $enum) {
            yield $set => [$set, $enum];
        }
    }

    public function testEveryEnumThatCrossesABorderIsThere(): void
    {
        $sets = self::sets();
        $unknown = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::root() . '/core/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $class = 'KindChair\\' . str_replace('/', '\\', substr((string) $file, strlen(self::root() . '/core/src/'), -4));
            if (enum_exists($class) && !in_array($class, self::ENUMS, true)) {
                $unknown[] = $class;
            }
        }
        sort($unknown);

        self::assertSame(['KindChair\Body\Joint', 'KindChair\Demand\Area', 'KindChair\Demand\Unit', 'KindChair\Figure\DrawnSeat', 'KindChair\Practice\TimeKind', 'KindChair\Timeline\Part'], $unknown, 'these stay within: a joint and a seat are drawn, an area is a heading, kinds of time are told by name, parts of an arc are heard');
        self::assertGreaterThan(20, count($sets));
    }

    public function testNoOtherSchemaListsASetAgain(): void
    {
        $again = [];
        foreach (glob(self::root() . '/schema/*.schema.json') ?: [] as $file) {
            if (basename($file) !== 'vocabulary.schema.json') {
                $schema = json_decode((string) file_get_contents($file), true);
                self::look((array) $schema, basename($file), $again);
            }
        }
        self::assertSame([], $again);
    }

    public function testNoTypeScriptFileListsASetAgain(): void
    {
        $again = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(self::root() . '/resources/js', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $path = (string) $file;
            if (!str_contains($path, '/types/') && !str_contains($path, '.test.')) {
                foreach (self::sets() as $name => $words) {
                    if (self::lists((string) file_get_contents($path), $words)) {
                        $again[] = substr($path, strlen(self::root())) . ": $name";
                    }
                }
            }
        }
        self::assertSame([], $again);
    }

    /** @return iterable<string, array{bool, string}> */
    public static function code(): iterable
    {
        yield 'a plain list' => [true, "const all = ['arc', 'rows', 'circle'];"];
        yield 'values with names' => [true, "[\n['arc', 'Arc'],\n['rows', 'Staggered'],\n['circle', 'Round'],\n]"];
        yield 'one of them asked for' => [false, "shape === 'arc' || shape === 'rows' || shape === 'circle'"];
        yield 'not all of them' => [false, "['arc', 'rows']"];
    }

    #[DataProvider('code')]
    public function testAListIsKnownWhenItIsSeen(bool $isList, string $code): void
    {
        self::assertSame($isList, self::lists($code, ['arc', 'rows', 'circle']));
    }

    /**
     * Whether every word of a set stands near the others as a member of a list. Two words are no list: left and right
     * are said everywhere.
     *
     * @param list<string> $words
     */
    private static function lists(string $code, array $words): bool
    {
        if (count($words) < 3) {
            return false;
        }
        $quoted = implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), $words));
        preg_match_all("/(?<=[\\[,])\\s*['\"]($quoted)['\"](?=\\s*[,\\]])/", $code, $found, PREG_OFFSET_CAPTURE);
        foreach ($found[1] as [, $from]) {
            $near = array_filter($found[1], static fn (array $one): bool => $one[1] >= $from && $one[1] < $from + self::NEAR * count($words));
            if (count(array_unique(array_column($near, 0))) === count($words)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<array-key, mixed> $part
     * @param list<string> $again
     */
    private static function look(array $part, string $place, array &$again): void
    {
        foreach ($part as $name => $inner) {
            if ($name === 'enum' && is_array($inner)) {
                foreach (self::sets() as $set => $words) {
                    if (array_values(array_filter($inner, is_string(...))) === $words) {
                        $again[] = "$place: $set";
                    }
                }
            } elseif (is_array($inner)) {
                self::look($inner, "$place/$name", $again);
            }
        }
    }

    public function testWhatPeopleAreShownIsSaidOnce(): void
    {
        /** @var array{'$defs': array<string, array{enum: list<string>, names?: array<string, string>}>} $schema */
        $schema = json_decode((string) file_get_contents(self::root() . '/schema/vocabulary.schema.json'), true);
        foreach ($schema['$defs'] as $name => $set) {
            if (isset($set['names'])) {
                self::assertSame($set['enum'], array_map(strval(...), array_keys($set['names'])), $name);
            }
        }
        self::assertSame(array_map(static fn (Zone $zone): string => $zone->plainName(), Zone::cases()), array_values($schema['$defs']['zone']['names'] ?? []));
        self::assertSame(array_map(static fn (SectionKind $kind): string => $kind->plainName(), SectionKind::cases()), array_values($schema['$defs']['sectionKind']['names'] ?? []));
        self::assertSame(array_map(static fn (Region $region): string => ucfirst($region->plainName()), Region::cases()), array_values($schema['$defs']['region']['names'] ?? []));
    }

    public function testEveryRoleOfAFigureIsInItsSchemaAndHasAColour(): void
    {
        /** @var array{'$defs': array{shape: array{properties: array{role: array{enum: list<string>}}}}} $schema */
        $schema = json_decode((string) file_get_contents(self::root() . '/schema/figure.schema.json'), true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(Shape::ROLES, $schema['$defs']['shape']['properties']['role']['enum']);

        $colours = file_get_contents(self::root() . '/resources/css/figures.css') . file_get_contents(self::root() . '/resources/css/zones.css');
        foreach (Shape::ROLES as $role) {
            self::assertMatchesRegularExpression('/\.(figure-)?' . preg_quote($role, '/') . '[ ,]/', $colours);
        }
    }
}
