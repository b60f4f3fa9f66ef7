<?php

declare(strict_types=1);

namespace KindChair\Movement;

/** What a rung does with the body besides its angles: what touches what, what works, what is felt. */
final readonly class BodyUse
{
    /**
     * @param list<HandContact> $hands
     * @param list<Effort> $effort
     * @param list<Touch> $touch
     * @param list<Pulled> $pulls
     * @param list<BodyNote> $also
     * @param array<string, FaceForm> $face by step id; empty where the face is not what moves
     * @param list<ElbowContact> $elbows
     */
    public function __construct(
        public array $hands = [],
        public ?LegContact $legs = null,
        public array $effort = [],
        public array $touch = [],
        public array $pulls = [],
        public array $also = [],
        public array $face = [],
        public array $elbows = [],
    ) {
    }

    /**
     * The same with more of it.
     *
     * @param BodyUse $more a hand or elbow that lies there lies nowhere else
     * @param list<BodyNote> $frees what is no longer so
     * @param bool $letsGo whether no hand lies any more where it lay
     */
    public function with(self $more, array $frees = [], bool $letsGo = false): self
    {
        $laid = array_map(static fn (HandContact $hand): AngleRole => $hand->who, $more->hands);
        $stays = static fn (HandContact $hand): bool => $laid === [] || !in_array($hand->who, $laid, true) && $hand->who !== AngleRole::Both && !in_array(AngleRole::Both, $laid, true);

        // A forearm that lies on an armrest has its hand beyond the end of it.
        $carried = array_map(static fn (ElbowContact $elbow): AngleRole => $elbow->who, array_filter($more->elbows, static fn (ElbowContact $elbow): bool => $elbow->on === ElbowPlace::Armrest));
        $isBeyond = static fn (HandContact $hand): bool => $hand->on === HandPlace::Armrest && (in_array($hand->who, $carried, true) || in_array(AngleRole::Both, $carried, true));

        return new self(
            [...($letsGo ? [] : array_values(array_filter($this->hands, static fn (HandContact $hand): bool => $stays($hand) && !$isBeyond($hand)))), ...$more->hands],
            $this->legs,
            array_values(array_unique([...$this->effort, ...$more->effort], SORT_REGULAR)),
            [...$this->touch, ...$more->touch],
            [...$this->pulls, ...$more->pulls],
            array_values(array_filter([...$this->also, ...$more->also], static fn (BodyNote $note): bool => !in_array($note, $frees, true))),
            [...$this->face, ...$more->face],
            $more->elbows === [] ? $this->elbows : $more->elbows,
        );
    }

    /** The same without a leg on the other. */
    public function uncrossed(): self
    {
        return new self($this->hands, null, $this->effort, $this->touch, $this->pulls, $this->also, $this->face, $this->elbows);
    }

    /** The same with the face of another where it has none of its own. */
    public function withFaceOf(self $other): self
    {
        return $this->face === [] ? new self($this->hands, $this->legs, $this->effort, $this->touch, $this->pulls, $this->also, $other->face, $this->elbows) : $this;
    }

    /** What eyes and mouth do in a step. */
    public function faceIn(string $step): FaceForm
    {
        return $this->face[$step] ?? FaceForm::Still;
    }

    public function has(BodyNote $note): bool
    {
        return in_array($note, $this->also, true);
    }

    public function works(Effort $effort): bool
    {
        return in_array($effort, $this->effort, true);
    }
}
