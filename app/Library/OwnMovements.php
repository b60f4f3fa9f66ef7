<?php

declare(strict_types=1);

namespace App\Library;

use App\Files\Schemas;
use App\Models\OwnMovement;
use App\Models\User;
use Illuminate\Support\Str;
use KindChair\Format\Craft;
use KindChair\Format\FormatError;
use KindChair\Format\MovementReader;
use KindChair\Format\Node;
use KindChair\Movement\Facing;
use KindChair\Movement\Movement;
use KindChair\Movement\MovementKind;
use KindChair\Review\MovementProblem;
use KindChair\Review\MovementReview;

/** Where a teacher's own movements are made: from nothing, from another one, or from a file. */
final readonly class OwnMovements
{
    public function __construct(private Craft $craft, private Schemas $schemas)
    {
    }

    /** A new draft, from nothing or after the movement with this id. */
    public function begin(User $teacher, ?string $after): OwnMovement
    {
        $key = 'own-' . Str::lower(Str::random(6));
        $document = $after === null ? self::blank() : $this->documentOf($teacher, $after);
        if ($after !== null) {
            $document['names'] = ['plain' => mb_substr($document['names']['plain'], 0, 66) . ', my version'];
        }

        return $teacher->ownMovements()->create(['key' => $key, 'draft' => [...$document, 'id' => $key]]);
    }

    /** @return array<string, mixed> the open form of a movement that the teacher can see */
    public function documentOf(User $teacher, string $id): array
    {
        $key = explode('@', $id)[0];
        $number = explode('@', $id)[1] ?? null;
        if ($number === null) {
            return ShippedCraft::document($key) ?? abort(404);
        }

        return $teacher->ownMovements()->where('key', $key)->firstOrFail()
            ->versions()->where('number', (int) $number)->firstOrFail()->document;
    }

    /**
     * What is still missing or untrue in a draft; none when it can be kept.
     *
     * @param array<array-key, mixed> $document
     * @param bool $isNamed whether its name must be unlike all others
     * @return list<MovementProblem>
     */
    public function problems(array $document, bool $isNamed = true): array
    {
        try {
            $movement = $this->read($document);
        } catch (FormatError $error) {
            return [new MovementProblem(ltrim($error->place, '/'), self::kindly($error))];
        }
        $problems = MovementReview::withAllRules($this->craft->ranges, $this->craft->patterns, $this->craft->precautions, $this->craft->demands)->of($movement);
        foreach ($isNamed ? $this->craft->library->all() : [] as $other) {
            $isItself = strtok($other->id, '@') === $movement->id;
            if (!$isItself && mb_strtolower($other->name()) === mb_strtolower($movement->name())) {
                $problems[] = new MovementProblem('names', "There is already a movement called \"{$other->name()}\". Please give this one a name of its own.");
            }
        }
        foreach ([...$movement->substitutes, ...$movement->counters] as $id) {
            if (!$this->craft->library->has($id)) {
                $problems[] = new MovementProblem('substitutes', "There is no movement \"$id\" here to take its place.");
            }
        }
        foreach ($movement->variations as $variation) {
            foreach ($variation->props as $prop) {
                if ($this->craft->changeOvers->prop($prop) === null) {
                    $problems[] = new MovementProblem("variations/$variation->id", "\"$prop\" is no prop that Kind Chair knows.");
                }
            }
        }

        return $problems;
    }

    /**
     * @param array<array-key, mixed> $document
     * @throws FormatError with the place and what was expected there
     */
    public function read(array $document): Movement
    {
        $this->schemas->check('movement', self::withObjects($document));

        return MovementReader::read(Node::root($document), $this->craft->ranges);
    }

    /**
     * A draft as a movement; null while it cannot be read.
     *
     * @param array<array-key, mixed> $document
     */
    public function draft(array $document): ?Movement
    {
        try {
            return $this->read($document);
        } catch (FormatError) {
            return null;
        }
    }

    /**
     * Empty objects are decoded to empty lists; this makes them objects again, for checking and for files.
     *
     * @param array<array-key, mixed> $part
     * @param bool $all whether every empty list in this part stands for an object
     * @return array<array-key, mixed>
     */
    public static function withObjects(array $part, bool $all = false): array
    {
        foreach ($part as $key => $value) {
            if (is_array($value)) {
                $holdsObjects = $all || in_array($key, ['angles', 'forBase', 'cues', 'oneLimb'], true);
                $part[$key] = $value === [] && $holdsObjects ? (object) [] : self::withObjects($value, $all || $key === 'angles');
            }
        }

        return $part;
    }

    /** What a form leaves open, said as one would across a table. */
    public static function kindly(FormatError $error): string
    {
        return match (true) {
            str_contains($error->expected, 'Minimum string length') => 'This is still empty. Please write it.',
            str_contains($error->expected, 'Maximum string length') => 'This is too long. Please say it in fewer words.',
            str_contains($error->expected, 'at least 1 items') => 'Please choose at least one.',
            default => ucfirst($error->expected),
        };
    }

    /** @return array<string, mixed> */
    private static function blank(): array
    {
        $step = static fn (string $id, string $breath): array => [
            'id' => $id,
            'phase' => 'cycle',
            'breath' => $breath,
            'angles' => (object) [],
            'cue' => ['first' => '', 'short' => ''],
        ];
        $variation = static fn (string $id, string $name, int $level): array => [
            'id' => $id,
            'name' => $name,
            'level' => $level,
            'bases' => ['chair', 'wheelchair', 'bed'],
            'position' => 'upright',
            'introduction' => '',
            ...($level === 1 ? ['share' => 0.5] : []),
            'forBase' => ['wheelchair' => 'Brakes on', 'bed' => 'Backrest up'],
        ];

        return [
            'format' => 'kind-chair/movement',
            'version' => 1,
            'id' => '',
            'names' => ['plain' => ''],
            'regions' => ['shoulders'],
            'kind' => MovementKind::Mobilise->value,
            'aim' => '',
            'laterality' => ['sides' => 'together', 'means' => 'limb'],
            'facing' => Facing::Front->value,
            'steps' => [$step('in', 'in'), $step('out', 'out')],
            'variations' => [$variation('gentle', 'Half of it', 1), $variation('full', 'As far as is easy', 2)],
            'usual' => 'full',
            'doses' => ['usual' => ['repetitions' => 4], 'least' => ['repetitions' => 3], 'most' => ['repetitions' => 8]],
            'rest' => 'Sits back and follows the breath',
            'cautions' => [],
            'substitutes' => [],
            'counters' => [],
            'sources' => ['My own practice'],
        ];
    }
}
