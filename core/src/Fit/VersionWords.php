<?php

declare(strict_types=1);

namespace KindChair\Fit;

use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Movement\Cue;
use KindChair\Movement\Misfits;
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
        $plain = $offer->movement->withoutProp($offer->variation);
        $said = self::said($offer);
        // A rung in whose place somebody lying does another shape is named after what they do not do.
        $isOther = $said !== null && $offer->person->isFlat() && $offer->variation->isToldLying();
        if ($offer->movement->id !== $offer->asked->movement->id) {
            $parts['instead'] = $offer->movement->name();
        } elseif ($plain->id !== $offer->movement->withoutProp($offer->asked->variation)->id && !$isOther && Misfits::in($plain->name, $offer->person->base) === null) {
            $parts['rung'] = $plain->name;
        }
        $prop = self::prop($offer);
        if ($prop !== null) {
            $parts['prop'] = $prop;
        }
        if ($said !== null) {
            $side = $offer->named[0] ?? null;
            $then = $side !== null && count($offer->named) > 1 && preg_match('/\{(side|other)\}/i', $said) === 1 ? ', then the other side' : '';
            $parts['base'] = rtrim(Cue::fill($said, $side === null ? null : $offer->doneOn($side)), '.') . $then;
        }
        if ($verdict->caps !== []) {
            $parts['caps'] = 'only as far as comfortable';
        }
        foreach ($offer->sides as $side => $does) {
            $parts["side-$side"] = match ($does) {
                WeakLimbDoes::AbleSide => Side::from($side)->other()->value . ' side both times',
                WeakLimbDoes::Assisted => "other hand helps the $side",
                WeakLimbDoes::Carer => "a carer moves the $side",
                WeakLimbDoes::Rests => "$side rests",
                WeakLimbDoes::Absent => Side::from($side)->other()->value . ' side only',
                WeakLimbDoes::Steadies => $offer->movement->laterality->isSided() ? 'other hand holds' : "$side hand holds, the other moves",
            };
        }
        if (in_array(WeakLimbDoes::Carer, $offer->sides, true) && $offer->movement->carer !== null) {
            $parts['carer'] = rtrim($offer->movement->carer, '.');
        }
        if ($verdict->ownBreath) {
            $parts['breath'] = 'own even breath';
        }
        if ($verdict->atMost !== null) {
            $parts['time'] = 'pause after ' . intdiv($verdict->atMost, 10) . ' seconds';
        }

        return new self($parts);
    }

    /** What is done with a prop that others do not have, or without the one that they have. */
    private static function prop(Offer $offer): ?string
    {
        [$mine, $theirs] = [$offer->variation->option, $offer->asked->variation->option];

        return match (true) {
            $mine !== null && $mine !== $theirs => rtrim($mine->say, '.'),
            $mine === null && $theirs !== null => 'without the ' . str_replace('-', ' ', $theirs->prop),
            default => null,
        };
    }

    /** The line for their base; who has one leg is told nothing about two. */
    private static function said(Offer $offer): ?string
    {
        $said = $offer->variation->sayOn($offer->person->base, $offer->person->isFlat());
        $legs = array_filter($offer->person->absentLimbs(), static fn (string $limb): bool => str_starts_with($limb, Limb::Leg->value));
        $isOfTwo = $said !== null && $legs !== [] && preg_match('/\b(feet|legs|heels|knees|thighs|calves)\b/i', $said) === 1;

        return $isOfTwo ? $offer->movement->oneLimb[Limb::Leg->value] ?? null : $said;
    }

    public function all(): string
    {
        return $this->parts === [] ? 'As planned' : ucfirst(implode('; ', array_map(lcfirst(...), $this->parts)));
    }

    /** What is said to them on their base, if there is anything of its own. */
    public function line(): ?string
    {
        return isset($this->parts['base']) ? ucfirst($this->parts['base']) : null;
    }

    /** The most telling part, to be read at a glance. */
    public function brief(): string
    {
        foreach (['instead', 'rung', 'prop', 'side-left', 'side-right', 'breath', 'time', 'caps', 'base'] as $part) {
            if (isset($this->parts[$part])) {
                return ucfirst($this->parts[$part]);
            }
        }

        return 'As planned';
    }
}
