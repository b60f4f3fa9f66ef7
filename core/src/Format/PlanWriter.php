<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Breath\BreathPattern;
use KindChair\Breath\PatternBook;
use KindChair\Movement\Cue;
use KindChair\Plan\ClassPlan;
use KindChair\Plan\Entry;
use KindChair\Plan\EntryGroup;
use KindChair\Plan\GroupKind;
use KindChair\Plan\Interlude;
use KindChair\Plan\OwnWords;
use KindChair\Plan\PassDose;

/**
 * Carries a changed plan back into the document it was read from, so that everything the change
 * did not touch stays as it was written.
 */
final readonly class PlanWriter
{
    public function __construct(private PatternBook $patterns)
    {
    }

    /**
     * @param array<array-key, mixed> $document the document the plan came from, of any version
     * @return array<array-key, mixed>
     */
    public function write(ClassPlan $before, ClassPlan $after, array $document): array
    {
        $document = PlanUpgrade::of($document);
        $written = [];
        foreach (Node::root($document)->at('sections')->items() as $section) {
            foreach ($section->at('entries')->items() as $entry) {
                $written[$entry->at('id')->string()] = $entry->object();
            }
        }
        $sections = [];
        foreach (Node::root($document)->at('sections')->items() as $at => $section) {
            $entries = [];
            foreach ($after->sections[$at]->entries as $entry) {
                $unchanged = isset($written[$entry->id]) && $before->entry($entry->id) == $entry;
                $entries[] = $unchanged ? $written[$entry->id] : $this->entry($entry);
            }
            $groups = $before->sections[$at]->groups == $after->sections[$at]->groups ? [] : ['groups' => array_map(self::group(...), $after->sections[$at]->groups)];
            $sections[] = [...$section->object(), 'entries' => $entries, ...$groups];
        }

        $changed = array_filter([
            'simpleWords' => $after->settings->simpleWords === $before->settings->simpleWords ? null : $after->settings->simpleWords,
            'firstSide' => $after->settings->firstSide === $before->settings->firstSide ? null : $after->settings->firstSide->value,
        ], static fn (mixed $value): bool => $value !== null);
        $settings = $changed === [] ? [] : ['settings' => [...Node::root($document)->maybe('settings')?->object() ?? [], ...$changed]];

        return [...$document, ...$settings, 'sections' => $sections];
    }

    /** @return array<string, mixed> */
    private function entry(Entry $entry): array
    {
        return array_filter([
            'id' => $entry->id,
            'movement' => $entry->movement,
            'variation' => $entry->variation,
            'dose' => DoseForm::write($entry->dose),
            'pattern' => $entry->pattern === null ? null : $this->pattern($entry->pattern),
            'firstSide' => $entry->firstSide?->value,
            'group' => $entry->group,
            'except' => array_map(self::exception(...), $entry->except),
            'onPurpose' => $entry->onPurpose,
            'shortCues' => $entry->shortCues,
            'rest' => $entry->rest === null ? null : $entry->rest / 10,
            'note' => $entry->note,
            'tempo' => $entry->tempo === null ? null : $entry->tempo / 10,
            'setUp' => $entry->setUp === null ? null : $entry->setUp / 10,
            'goesOn' => $entry->goesOn,
            'secondDose' => $entry->secondDose === null ? null : DoseForm::write($entry->secondDose),
            'interludes' => array_map(self::interlude(...), $entry->interludes),
            'interlude' => $entry->isInterlude,
            'words' => self::words($entry->words),
        ], static fn (mixed $value): bool => $value !== null && $value !== [] && $value !== false);
    }

    /** @return string|array<string, string|float|int> */
    private function pattern(BreathPattern $pattern): string|array
    {
        return $this->patterns->has($pattern->id) ? $pattern->id : [
            'name' => $pattern->name,
            'in' => $pattern->in / 10,
            'holdFull' => $pattern->holdFull / 10,
            'out' => $pattern->out / 10,
            'holdEmpty' => $pattern->holdEmpty / 10,
        ];
    }

    /** @return array<string, mixed> */
    private static function exception(PassDose $exception): array
    {
        return [
            ...array_filter([
                'side' => $exception->passes->side?->value,
                'direction' => $exception->passes->direction,
                'crossing' => $exception->passes->crossing?->value,
            ]),
            'dose' => $exception->dose === null ? null : DoseForm::write($exception->dose),
        ];
    }

    /** @return array<string, mixed> */
    private static function group(EntryGroup $group): array
    {
        return ['id' => $group->id, 'kind' => $group->kind->value, ...array_filter(match ($group->kind) {
            GroupKind::Round => ['by' => $group->by->value],
            GroupKind::Set => ['times' => $group->times, 'changes' => $group->changes?->value],
            GroupKind::Stations => ['seconds' => $group->length / 10],
            GroupKind::Tracks => [],
        })];
    }

    /** @return array<string, mixed> */
    private static function interlude(Interlude $interlude): array
    {
        return array_filter([
            'at' => $interlude->at->value,
            'movement' => $interlude->movement,
            'variation' => $interlude->variation,
            'dose' => $interlude->dose === null ? null : DoseForm::write($interlude->dose),
            'words' => $interlude->words,
            'seconds' => $interlude->words === null ? null : $interlude->length / 10,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed>|null */
    private static function words(?OwnWords $words): ?array
    {
        return $words === null ? null : array_filter([
            'introduction' => $words->introduction,
            'cues' => array_map(static fn (Cue $cue): array => ['first' => $cue->first, 'short' => $cue->short], $words->cues),
        ], static fn (mixed $value): bool => $value !== null && $value !== []);
    }
}
