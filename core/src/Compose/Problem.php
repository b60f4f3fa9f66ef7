<?php

declare(strict_types=1);

namespace KindChair\Compose;

/**
 * What there is to choose: take of each candidate at most one option, of each part as many candidates as it wants, and each tag at least once,
 * in no more than the time there is, so that the points are most.
 */
final readonly class Problem
{
    /**
     * @param int $capacity tenths of a second
     * @param list<Part> $parts in the order of the class
     * @param list<string> $tags each is brought by something that is taken
     */
    public function __construct(public int $capacity, public array $parts, public array $tags = [])
    {
    }

    /** The bits of all tags. */
    public function wanted(): int
    {
        return (1 << count($this->tags)) - 1;
    }

    public function within(int $capacity): self
    {
        return new self($capacity, $this->parts, $this->tags);
    }

    /** @param list<Part> $parts */
    public function with(array $parts): self
    {
        return new self($this->capacity, $parts, $this->tags);
    }

    /** @return int how many candidates there are */
    public function size(): int
    {
        return (int) array_sum(array_map(static fn (Part $part): int => count($part->candidates), $this->parts));
    }

    /**
     * The problem as others may read and solve it.
     *
     * @return array<string, mixed> seconds to a tenth; points whole
     */
    public function toArray(): array
    {
        $options = [];
        foreach ($this->parts as $part) {
            foreach ($part->candidates as $candidate) {
                foreach ($candidate->options as $option) {
                    $options[] = [
                        'id' => $option->id,
                        'candidate' => $candidate->id,
                        'part' => $part->id,
                        'seconds' => $option->tenths / 10,
                        'points' => $option->points,
                        'brings' => $this->namesOf($option->tags),
                    ];
                }
            }
        }
        $required = array_merge(...array_map(
            static fn (Part $part): array => array_filter($part->candidates, static fn (Candidate $one): bool => $one->isRequired),
            $this->parts,
        ));

        return [
            'maximise' => 'the sum of points over the options taken',
            'capacitySeconds' => $this->capacity / 10,
            'parts' => array_map(static fn (Part $part): array => ['id' => $part->id, 'least' => $part->least, 'most' => $part->most], $this->parts),
            'required' => array_column($required, 'id'),
            'broughtAtLeastOnce' => $this->tags,
            'options' => $options,
        ];
    }

    /** @return list<string> */
    private function namesOf(int $tags): array
    {
        return array_values(array_filter($this->tags, static fn (int $bit): bool => ($tags >> $bit & 1) === 1, ARRAY_FILTER_USE_KEY));
    }
}
