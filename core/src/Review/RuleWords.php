<?php

declare(strict_types=1);

namespace KindChair\Review;

/** What each rule tells of, for who set it aside and reads it later. */
final class RuleWords
{
    /** @var array<string, string> by the rule's name */
    public const ALL = [
        'alternates-evenly' => 'Sides that take turns and come out uneven',
        'alternative-ready' => 'Standing or crossing that has no other way',
        'arms-rest' => 'Arms that are up for long without a rest',
        'both-sides' => 'A side that is left out or done shorter',
        'both-ways' => 'A circle that goes one way round only',
        'breath-is-easy' => 'A breath that somebody cannot follow with ease',
        'clearance-stands' => 'A word from a clinician that is a year old',
        'counter-follows' => 'A strong shape without its counter-movement',
        'counts-as-chosen' => 'Movements that are not counted as you count',
        'cue-within-breath' => 'Words that are longer than their breath',
        'fits-slot' => 'A class that is longer or shorter than its time',
        'held-long-enough' => 'Shapes that are held shorter or longer than you hold',
        'house-rules-kept' => 'What is never done here, or what you leave out',
        'keeps-order' => 'Movements out of the order of the body',
        'leaves-something' => 'A movement of which everything is left out',
        'moved-before-held' => 'A hold before that part of the body has moved',
        'neck-in-halves' => 'Full circles of the head',
        'nobody-left-out' => 'A movement that somebody cannot do in any version',
        'opens-and-closes' => 'A class that does not arrive first, or does not end as you end',
        'own-words-lead' => 'Your own words that name no other way first, or send the head first',
        'pauses-are-offered' => 'Pauses in the breath that are not an offer',
        'places-together' => 'Going forward, sideways or up and down more often than need be',
        'pressure-changes' => 'Sitting on one place for long',
        'props-at-hand' => 'A prop that is not there, or too few of it',
        'props-together' => 'A prop that is taken up and put down again and again',
        'sides-as-chosen' => 'Sides that change otherwise than you have chosen',
        'simple-words-serve' => 'A group that simple words would serve',
        'sits-as-chosen' => 'A place on the chair that you do not use',
        'six-directions' => 'A direction of the spine that is missing',
        'stretch-dose' => 'Stretches that do not come to a minute',
        'upright-after-fold' => 'A fold without a rest after it',
        'water-once' => 'A long class without water',
    ];
}
