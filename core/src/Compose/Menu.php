<?php

declare(strict_types=1);

namespace KindChair\Compose;

use KindChair\Body\Region;
use KindChair\Movement\Dose;
use KindChair\Movement\MovementLibrary;
use KindChair\Movement\SpineDirections;
use KindChair\Plan\ClassPlan;

/** What there is to choose from for one wish, as a problem, and what each of its options stands for. */
final readonly class Menu
{
    /** How many movements of a region a class about few of them holds at most. */
    private const PARTIAL = 9;

    /** @param array<string, array{Stock, Dose}> $stocks by option id */
    private function __construct(public Problem $problem, private array $stocks)
    {
    }

    /** @param int $capacity tenths of a second */
    public static function of(Shelf $shelf, MovementLibrary $library, ComposeBook $book, ClassPlan $frame, Wish $wish, int $capacity): self
    {
        $there = [];
        $has = [];
        foreach ($frame->entries() as $entry) {
            $movement = $library->get($entry->movement);
            $there[$movement->id] = $shelf->partOf($movement);
            $has = [...$has, ...SpineDirections::of($movement->variation($entry->variation))];
        }
        $shape = $book->shapeFor($frame->slotMinutes);
        $present = array_count_values($there);
        $shelves = $shelf->for($wish->without(array_keys($there)));
        $tags = self::tags($shelves, $wish, $shape, $has);
        $worth = new Worth($book, $wish, $frame->settings->sides);
        $parts = $stocks = [];
        foreach (self::order($frame) as $part) {
            $candidates = [];
            // What has no section to stand in is not asked for.
            foreach ($frame->first(ComposeBook::sectionOf($part)) === null ? [] : $shelves[$part] ?? [] as $rungs) {
                $options = [];
                foreach ($rungs as $stock) {
                    $brings = 0;
                    foreach ($tags as $bit => $tag) {
                        $brings |= in_array($tag, $stock->directions, true) ? 1 << $bit : 0;
                    }
                    foreach ($stock->doses as $one) {
                        $id = $stock->id($one['dose']);
                        $points = $worth->of($stock->movement, $stock->below(), $one['moving'], $stock->least, $stock->usual, $stock->changing, $stock->versions, $stock->directions);
                        $options[] = new Option($id, $one['tenths'], $points, $brings);
                        $stocks[$id] = [$stock, $one['dose']];
                    }
                }
                $id = $rungs[0]->movement->id;
                $isRequired = in_array($id, $wish->must, true);
                $options = self::undominated($options, $isRequired);
                if ($options !== []) {
                    $candidates[] = new Candidate($id, $options, $isRequired);
                }
            }
            [$least, $most] = $part === 'warm' && !$frame->settings->warmsUp ? [0, 0] : self::bounds($part, $shape, $wish, count($candidates));
            $required = count(array_filter($candidates, static fn (Candidate $one): bool => $one->isRequired));
            $most = max($required, $most - ($present[$part] ?? 0));
            if ($candidates !== [] && $most > 0) {
                $parts[] = new Part($part, min($most, max(0, $least - ($present[$part] ?? 0))), $most, $candidates);
            }
        }

        return new self(new Problem($capacity, $parts, $tags), $stocks);
    }

    /** @return list<array{Stock, Dose}> */
    public function chosen(Solution $solution): array
    {
        return array_map(fn (string $id): array => $this->stocks[$id], $solution->ids());
    }

    /** @return list<string> parts in the order in which they are done; water in the middle */
    public static function order(ClassPlan $frame): array
    {
        $regions = Region::cases();
        usort($regions, static fn (Region $a, Region $b): int => $frame->settings->order->rank($a) <=> $frame->settings->order->rank($b));
        $regions = array_column($regions, 'value');
        $half = intdiv(count($regions) + 2, 2);

        return ['arrive', 'breathe', 'warm', ...array_slice($regions, 0, $half), 'water', ...array_slice($regions, $half), 'quiet', 'close', 'apart'];
    }

    /**
     * @param array<string, list<list<Stock>>> $shelves
     * @param list<string> $has what is there already
     * @return list<string> directions of the spine that something has to bring
     */
    private static function tags(array $shelves, Wish $wish, Shape $shape, array $has): array
    {
        $wanted = $shape->everyRegion && !$wish->isPartial() ? SpineDirections::ALL : $wish->directions;
        $there = [];
        foreach ($shelves as $movements) {
            foreach ($movements as $rungs) {
                $there = [...$there, ...array_merge(...array_column($rungs, 'directions'))];
            }
        }

        return array_values(array_intersect($wanted, array_diff($there, $has)));
    }

    /** @return array{int, int} how many of a part at least and at most */
    private static function bounds(string $part, Shape $shape, Wish $wish, int $there): array
    {
        $region = Region::tryFrom($part);
        if ($region === null) {
            [$least, $most] = $shape->parts[$part] ?? [0, $there];
            $isQuieter = $wish->character === Character::Quiet && in_array($part, ['quiet', 'breathe'], true);

            return [min($least, $there), $isQuieter ? $most + 1 : $most];
        }
        $share = $wish->share($region->zone());
        $most = match (true) {
            $share === 0.0 => 0,
            $wish->isPartial() => self::PARTIAL,
            default => max(1, (int) round($shape->region * $share)) + ($region === Region::Spine ? 1 : 0),
        };
        $isWanted = $shape->everyRegion && $share >= 0.5 && $wish->character !== Character::Quiet || $share >= 2.0;

        return [$isWanted && $there > 0 ? 1 : 0, $most];
    }

    /**
     * Without those that take as long as another and are worth no more, and without what is worth nothing.
     *
     * @param list<Option> $options
     * @return list<Option>
     */
    private static function undominated(array $options, bool $isRequired): array
    {
        $kept = [];
        foreach ($options as $at => $one) {
            $isBeaten = $one->points <= 0 && !$isRequired;
            foreach ($options as $other => $better) {
                $isAlike = $better->tenths === $one->tenths && $better->points === $one->points && $better->tags === $one->tags;
                $isBeaten = $isBeaten || $other !== $at && $better->tenths <= $one->tenths && $better->points >= $one->points
                    && ($better->tags & $one->tags) === $one->tags && (!$isAlike || $other < $at);
            }
            if (!$isBeaten) {
                $kept[] = $one;
            }
        }

        return $kept;
    }
}
