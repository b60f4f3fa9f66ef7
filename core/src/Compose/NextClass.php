<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Body\Side;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\Position;
use KindChair\People\Group;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\SectionKind;
use KindChair\Practice\ClassRecord;
use KindChair\Review\Listed;
use KindChair\Timeline\TimelineBuilder;

/**
 * The class after a class: what went well is kept, what was cut is there again, a side that came short leads, the other side begins, and about a
 * fifth of the main part is new.
 */
final readonly class NextClass
{
    /** One of so many movements of the main part is made new. Source: planning default. */
    private const ONE_OF = 5;

    /** Tenths of a second, and the share, by which a side may be shorter than the other. Source: what balances for doses in seconds. */
    private const SLACK = 40;
    private const SHARE = 0.1;

    /** @param list<string> $says what is different from last time, one sentence each */
    private function __construct(public ClassPlan $plan, public array $says)
    {
    }

    /**
     * @param ClassRecord|null $record what was really done; null when it was not led
     * @param list<list<string>> $recent movements of the last classes, the latest first
     */
    public static function of(ClassPlan $plan, ?ClassRecord $record, Group $group, array $recent, Composer $composer, TimelineBuilder $timelines, MovementLibrary $library): self
    {
        $next = $plan->nextTime();
        $says = ["Begins on the {$next->settings->firstSide->value} " . ($plan->settings->alternates ? 'this time.' : 'again.')];
        if ($record === null) {
            return new self($next, $says);
        }
        $rows = array_column($record->entries, null, 'entry');
        $cut = array_values(array_filter($plan->entries(), static fn (Entry $entry): bool => ($rows[$entry->id]['actual'] ?? 0) === 0));
        if ($cut !== [] && count($cut) < count($plan->entries())) {
            $says[] = 'Left out last time and here again: ' . self::names($cut, $library) . '.';
        }
        $short = [];
        foreach ($plan->entries() as $entry) {
            $side = self::short($rows[$entry->id] ?? null);
            if ($side !== null && $library->get($entry->movement)->laterality->isSided()) {
                $next = $next->withEntry($next->entry($entry->id)->beginningOn($side));
                $short[] = $entry;
                $says[] = "{$library->get($entry->movement)->name()} was short on the $side->value: that side leads.";
            }
        }
        $old = self::old($next, [...$cut, ...$short], $recent);
        $fresh = $old === [] ? null : self::freshened($next, $old, $group, $recent, $composer, $timelines, $library);
        if ($fresh !== null) {
            $says[] = 'New: ' . self::names(array_map($fresh->plan->entry(...), $fresh->added), $library) . ', in place of ' . self::names($old, $library) . '.';
            $next = $fresh->plan->withSlot($plan->slotMinutes);
        }

        return new self($next, $says);
    }

    /** @param array{left: int, right: int}|null $row */
    private static function short(?array $row): ?Side
    {
        if ($row === null || $row['left'] === 0 && $row['right'] === 0) {
            return null;
        }
        $slack = max(self::SLACK, self::SHARE * max($row['left'], $row['right']));

        return match (true) {
            $row['left'] + $slack < $row['right'] => Side::Left,
            $row['right'] + $slack < $row['left'] => Side::Right,
            default => null,
        };
    }

    /**
     * @param list<Entry> $kept that stay whatever happens
     * @param list<list<string>> $recent
     * @return list<Entry> what has been done most often lately, about a fifth of the main part
     */
    private static function old(ClassPlan $plan, array $kept, array $recent): array
    {
        $keep = array_column($kept, 'id');
        $times = array_count_values(array_merge(...$recent ?: [[]]));
        $old = [];
        foreach ($plan->sections as $section) {
            foreach ($section->kind === SectionKind::HeadToToe ? $section->entries : [] as $entry) {
                // What is done as one, or grows out of another, stays together; what she wrote for it stays hers.
                if (!in_array($entry->id, $keep, true) && $entry->group === null && !$entry->goesOn && !$entry->isInterlude && $entry->words === null) {
                    $old[] = $entry;
                }
            }
        }
        $count = intdiv(count($old), self::ONE_OF);
        usort($old, static fn (Entry $a, Entry $b): int => [$times[$b->movement] ?? 0, hash('xxh32', $a->movement)] <=> [$times[$a->movement] ?? 0, hash('xxh32', $b->movement)]);

        return array_slice($old, 0, $count);
    }

    /**
     * @param list<Entry> $old
     * @param list<list<string>> $recent
     */
    private static function freshened(ClassPlan $plan, array $old, Group $group, array $recent, Composer $composer, TimelineBuilder $timelines, MovementLibrary $library): ?Composition
    {
        $length = $timelines->length($plan, $group->paceFactor());
        $kept = $plan;
        foreach ($old as $entry) {
            $kept = $kept->without($entry->id);
        }
        $gone = array_map(static fn (Entry $entry): string => $entry->movement, $old);
        $stands = array_filter($plan->entries(), static fn (Entry $entry): bool => $library->get($entry->movement)->variation($entry->variation)->position === Position::Standing);
        $made = $composer->compose($kept->withSlot(max(5, (int) ceil($length / 600))), $group, new Wish(never: $gone, notTaken: $stands === [] ? [Position::Standing] : [], recent: $recent));

        return $made === null || $made->added === [] ? null : $made;
    }

    /** @param array<Entry> $entries */
    private static function names(array $entries, MovementLibrary $library): string
    {
        $names = array_map(static fn (Entry $entry): string => $library->get($entry->movement)->name(), array_values($entries));

        return Listed::and($names);
    }
}
