<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\Side;
use KindChair\People\WeakLimbDoes;

/** What is different for somebody, in a few words. */
final readonly class VersionWords
{
    /** @param array<string, string> $parts by what makes it different */
    private function __construct(private array $parts)
    {
    }

    public static function of(Offer $offer, Verdict $verdict): self
    {
        $parts = [];
        if ($offer->movement->id !== $offer->asked->movement->id) {
            $parts['instead'] = $offer->movement->name();
        } elseif ($offer->variation->id !== $offer->asked->variation->id) {
            $parts['rung'] = $offer->variation->name;
        }
        if (isset($offer->variation->forBase[$offer->person->base->value])) {
            $parts['base'] = $offer->variation->forBase[$offer->person->base->value];
        }
        if ($verdict->caps !== []) {
            $parts['caps'] = 'only as far as comfortable';
        }
        foreach ($offer->sides as $side => $does) {
            $parts["side-$side"] = match ($does) {
                WeakLimbDoes::AbleSide => Side::from($side)->other()->value . ' side both times',
                WeakLimbDoes::Assisted => "other hand helps the $side",
                WeakLimbDoes::Rests => "$side rests",
                WeakLimbDoes::Absent => Side::from($side)->other()->value . ' side only',
                WeakLimbDoes::Steadies => $offer->movement->laterality->isSided() ? 'other hand holds' : "$side hand holds, the other moves",
            };
        }
        if ($verdict->ownBreath) {
            $parts['breath'] = 'own even breath';
        }
        if ($verdict->atMost !== null) {
            $parts['time'] = 'pause after ' . intdiv($verdict->atMost, 10) . ' seconds';
        }

        return new self($parts);
    }

    public function all(): string
    {
        return $this->parts === [] ? 'As planned' : ucfirst(implode('; ', $this->parts));
    }

    /** The most telling part, to be read at a glance. */
    public function brief(): string
    {
        foreach (['instead', 'rung', 'side-left', 'side-right', 'breath', 'time', 'caps', 'base'] as $part) {
            if (isset($this->parts[$part])) {
                return ucfirst($this->parts[$part]);
            }
        }

        return 'As planned';
    }
}
