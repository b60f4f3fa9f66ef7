<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** A prop that helps in a movement: where it is used, what it does there, what is said, and how the shape changes with it. */
final readonly class PropOption
{
    /** Between the id of a rung and that of the prop it is done with. */
    public const WITH = '+';

    /**
     * @param string $prop prop id
     * @param string $say what is done with it, said to whoever has it
     * @param list<string> $rungs ids of the rungs it is for; all if none is named
     * @param list<Base> $bases where it is used; everywhere if none is named
     * @param array<string, int> $most degrees by joint action that are not passed with it
     * @param array<string, int> $least degrees by joint action that are always kept with it
     * @param BodyUse $adds what touches, works or is felt besides; a hand that lies on it lies nowhere else
     * @param list<BodyNote> $frees what is no longer so
     * @param bool $letsGo whether the hands no longer lie where they lay, because they hold it
     */
    public function __construct(
        public string $prop,
        public PropPlace $at,
        public PropUse $does,
        public string $say,
        public array $rungs = [],
        public array $bases = [],
        public array $most = [],
        public array $least = [],
        public BodyUse $adds = new BodyUse(),
        public array $frees = [],
        public bool $letsGo = false,
    ) {
    }

    public function id(): string
    {
        return "$this->prop-{$this->at->value}";
    }

    /** In words: "cushion behind the back". */
    public function name(): string
    {
        return str_replace('-', ' ', $this->prop) . ' ' . $this->at->plainName();
    }
}
