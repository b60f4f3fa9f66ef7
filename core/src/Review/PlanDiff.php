<?php

declare(strict_types=1);

namespace KindChair\Review;

use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;

/** What is different between two plans, row by row. */
final readonly class PlanDiff
{
    /** @param list<RowChange> $rows in the order of the second plan; what is gone stands where it was */
    private function __construct(public array $rows)
    {
    }

    public static function between(ClassPlan $before, ClassPlan $after): self
    {
        $old = $before->entries();
        $new = $after->entries();
        // Two states of one class know their rows by id; two classes by what is done in them.
        $isSame = array_intersect(array_column($old, 'id'), array_column($new, 'id')) !== [];
        $keysOld = self::keys($old, $isSame);
        $keysNew = self::keys($new, $isSame);
        $places = [];
        foreach ($keysNew as $at => $key) {
            $was = array_search($key, $keysOld, true);
            if (is_int($was)) {
                $places[$at] = $was;
            }
        }
        $kept = Order::longestRun($places);
        $rows = [];
        $told = 0;
        foreach ($new as $at => $entry) {
            $was = $places[$at] ?? null;
            while ($was !== null && in_array($at, $kept, true) && $told < $was) {
                $rows = self::gone($rows, $old[$told], in_array($keysOld[$told], $keysNew, true));
                ++$told;
            }
            $told = $was !== null && in_array($at, $kept, true) ? $was + 1 : $told;
            $rows[] = $was === null
                ? new RowChange(null, $entry, RowChanges::New)
                : new RowChange($old[$was], $entry, in_array($at, $kept, true) ? self::what($old[$was], $entry) : RowChanges::Moved);
        }
        for (; $told < count($old); ++$told) {
            $rows = self::gone($rows, $old[$told], in_array($keysOld[$told], $keysNew, true));
        }

        return new self($rows);
    }

    /** Whether the second has less in it than the first: a movement gone or another, done less, or not in the teacher's own words. */
    public function givesUp(): bool
    {
        foreach ($this->rows as $row) {
            $isLess = $row->before !== null && $row->after !== null && (
                $row->before->movement !== $row->after->movement
                || $row->before->words !== null && $row->after->words != $row->before->words
                || $row->before->dose->unit === $row->after->dose->unit && $row->after->dose->amount < $row->before->dose->amount
            );
            if ($row->what === RowChanges::Gone || $isLess) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<RowChange> $rows
     * @return list<RowChange>
     */
    private static function gone(array $rows, Entry $entry, bool $isElsewhere): array
    {
        return $isElsewhere ? $rows : [...$rows, new RowChange($entry, null, RowChanges::Gone)];
    }

    private static function what(Entry $before, Entry $after): RowChanges
    {
        return match (true) {
            $before->movement !== $after->movement || $before->variation !== $after->variation => RowChanges::Changed,
            $before->dose == $after->dose && $before->except == $after->except => $before->rest === $after->rest && $before->pattern == $after->pattern ? RowChanges::Same : RowChanges::Changed,
            default => RowChanges::Dose,
        };
    }

    /**
     * @param list<Entry> $entries
     * @return list<string> each another
     */
    private static function keys(array $entries, bool $byId): array
    {
        $times = [];
        $keys = [];
        foreach ($entries as $entry) {
            $times[$entry->movement] = ($times[$entry->movement] ?? 0) + 1;
            $keys[] = $byId ? $entry->id : "$entry->movement {$times[$entry->movement]}";
        }

        return $keys;
    }
}
