<?php

declare(strict_types=1);

namespace KindChair\Review;

use Closure;
use KindChair\Plan\ClassPlan;

/**
 * Carries remedies out to the end: what a remedy makes wrong elsewhere is settled with it, so that nothing that presses comes of it. A remedy that
 * cannot be carried out so is not done.
 */
final readonly class Mending
{
    /** Remedies that may follow from one, and that are done when everything is mended. */
    private const FOLLOWING = 6;
    private const ALL = 40;

    /** @param Closure(ClassPlan): Review $review */
    public function __construct(private Closure $review)
    {
    }

    /** @param Review $before of the plan in which the finding was made */
    public function of(Finding $finding, Review $before): ?Mended
    {
        if ($finding->remedy === null) {
            return null;
        }
        $known = self::pressing($before);
        unset($known[$finding->key]);
        $steps = [];
        $remedy = $finding->remedy;
        for ($step = 0; $step < self::FOLLOWING; ++$step) {
            $steps[] = $remedy->label;
            $review = ($this->review)($remedy->plan);
            $new = array_diff_key(self::pressing($review), $known);
            if ($new === []) {
                // What is one of several to move may be named again while fewer are left.
                return $review->finding($finding->key) === null || count($review->findings) < count($before->findings) ? new Mended($remedy->plan, $review, $steps) : null;
            }
            $next = array_values(array_filter($new, static fn (Finding $one): bool => $one->remedy !== null))[0] ?? null;
            if ($next?->remedy === null) {
                return null;
            }
            $remedy = $next->remedy;
        }

        return null;
    }

    /** Everything that gives nothing up: no movement left out or changed for another, no dose made less. */
    public function all(ClassPlan $plan, Review $before): ?Mended
    {
        $steps = $tried = [];
        $review = $before;
        $now = $plan;
        for ($step = 0; $step < self::ALL; ++$step) {
            $done = null;
            foreach ($review->findings as $finding) {
                if (isset($tried[$finding->key])) {
                    continue;
                }
                $tried[$finding->key] = true;
                $mended = $this->of($finding, $review);
                if ($mended !== null && !PlanDiff::between($now, $mended->plan)->givesUp()) {
                    $done = $mended;
                    break;
                }
            }
            if ($done === null) {
                break;
            }
            [$now, $review] = [$done->plan, $done->review];
            array_push($steps, ...$done->steps);
        }

        return $steps === [] ? null : new Mended($now, $review, $steps);
    }

    /** @return array<string, Finding> what should be settled before class, by key */
    private static function pressing(Review $review): array
    {
        return array_filter(array_column($review->findings, null, 'key'), static fn (Finding $finding): bool => $finding->severity->isPressing());
    }

    /** All that gives nothing up, or what settles one finding; null where there is nothing to be done. */
    public function wanted(?Finding $finding, bool $isAll, ClassPlan $plan, Review $before): ?Mended
    {
        return match (true) {
            $isAll => $this->all($plan, $before),
            $finding === null => null,
            default => $this->of($finding, $before),
        };
    }
}
