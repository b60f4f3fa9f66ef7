<?php

declare(strict_types=1);

namespace KindChair\Compose;

/** What things are worth, in points for a second of movement; docs/compose.md tells why. Source: planning defaults. */
final readonly class WorthBook
{
    /**
     * @param float $second a second of a movement in which everyone takes part
     * @param float $secondOfPractice a second of breath or stillness
     * @param float $first times, for the seconds of the least dose: to be done at all
     * @param float $beyondUsual the share that counts of what is longer than the usual dose
     * @param float $beyondOfPractice the same for breath and stillness
     * @param float $oneMore one more movement, in points
     * @param float $gentler the share that counts of a rung below the usual one
     * @param float $useful how much more what is good for something is worth, for each thing it is good for, up to three
     * @param float $otherRegion the share that counts of what is asked of a region that a movement works besides its own
     * @param float $adapted the share that counts of somebody who does it in another way
     * @param float $served times, for what serves what the class is for
     * @param float $direction times, for a direction of the spine that is asked for
     * @param float $lastTime times, for what was done in the last class
     * @param float $unknown times, for what was in none of the last classes: what people know carries them
     * @param float $beside times, for what stands in another class that is offered beside this one
     * @param float $oneSide times, for what stays on one side where the teacher goes from side to side with every breath
     * @param float $chance by how much of it things that are as good may differ from seed to seed
     */
    public function __construct(
        public float $second,
        public float $secondOfPractice,
        public float $first,
        public float $beyondUsual,
        public float $beyondOfPractice,
        public float $oneMore,
        public float $gentler,
        public float $useful,
        public float $otherRegion,
        public float $adapted,
        public float $served,
        public float $direction,
        public float $lastTime,
        public float $unknown,
        public float $beside,
        public float $oneSide,
        public float $chance,
    ) {
    }
}
