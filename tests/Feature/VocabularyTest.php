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
use KindChair\Fit\Mark;
use KindChair\Movement\Base;
use KindChair\Movement\MovementTrait;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\Sides;
use KindChair\People\ClearanceState;
use KindChair\People\Pace;
use KindChair\Place\SeatKind;
use KindChair\Plan\SectionKind;
use KindChair\Review\Severity;
use KindChair\Timeline\BeatKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use UnitEnum;

/** A closed set of words has one home: schema/vocabulary.schema.json. The core's enums are the same, and no other schema lists them again. */
final class VocabularyTest extends TestCase
{
    /** @var array<string, class-string<UnitEnum>> */
    private const ENUMS = [
        'ageBand' => AgeBand::class,
        'base' => Base::class,
        'beatKind' => BeatKind::class,
        'breath' => Breath::class,
        'clearance' => ClearanceState::class,
        'findingKind' => Severity::class,
        'jointAction' => JointAction::class,
        'limb' => Limb::class,
        'mark' => Mark::class,
        'pace' => Pace::class,
        'phase' => Phase::class,
        'position' => Position::class,
        'region' => Region::class,
        'seatKind' => SeatKind::class,
        'sectionKind' => SectionKind::class,
        'side' => Side::class,
        'sides' => Sides::class,
        'trait' => MovementTrait::class,
        'zone' => Zone::class,
    ];

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

        self::assertSame(['KindChair\Body\Joint', 'KindChair\Figure\Seat', 'KindChair\Movement\DoseUnit'], $unknown, 'these stay within: a joint and a seat are drawn, a dose is a field of its own');
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
}
