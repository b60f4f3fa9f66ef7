<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Body\AgeBand;
use KindChair\Body\JointAction;
use KindChair\Body\Limb;
use KindChair\Body\Side;
use KindChair\Movement\Base;
use KindChair\People\Group;
use KindChair\People\NotedPrecaution;
use KindChair\People\OwnRange;
use KindChair\People\Pace;
use KindChair\People\Participant;
use KindChair\People\PrecautionBook;
use KindChair\People\WeakLimb;
use KindChair\People\WeakLimbDoes;

/** Reads people from their open form (schema/group.schema.json). */
final readonly class GroupReader
{
    public const FORMAT = 'kind-chair/group';

    public function __construct(private PrecautionBook $precautions)
    {
    }

    /**
     * @param mixed $document decoded JSON
     * @throws FormatError
     */
    public function read(mixed $document, string $name = 'the document'): Group
    {
        $node = Node::root($document, $name);

        return new Group($node->at('name')->string(), array_map($this->person(...), $node->at('people')->items()));
    }

    public function person(Node $node): Participant
    {
        return $node->build(fn (): Participant => new Participant(
            $node->at('id')->string(),
            $node->at('name')->string(),
            $node->at('base')->enum(Base::class),
            $node->maybe('age')?->enum(AgeBand::class),
            $node->maybe('pace')?->enum(Pace::class),
            array_map($this->noted(...), $node->maybe('precautions')?->items() ?? []),
            array_map(static fn (Node $range): OwnRange => $range->build(static fn (): OwnRange => new OwnRange(
                $range->at('action')->enum(JointAction::class),
                $range->maybe('side')?->enum(Side::class),
                $range->at('degrees')->int(),
            )), $node->maybe('ranges')?->items() ?? []),
            array_map(static fn (Node $weak): WeakLimb => new WeakLimb(
                $weak->at('limb')->enum(Limb::class),
                $weak->at('side')->enum(Side::class),
                $weak->at('does')->enum(WeakLimbDoes::class),
            ), $node->maybe('weak')?->items() ?? []),
            $node->maybe('notes')?->string() ?? '',
            $node->maybe('flat')?->bool() ?? false,
            Day::read($node->maybe('clearance')?->maybe('date')?->string()),
        ));
    }

    private function noted(Node $node): NotedPrecaution
    {
        $code = $node->at('code');
        $precaution = $node->build(fn () => $this->precautions->get($code->string()));

        return new NotedPrecaution($precaution, $node->maybe('side')?->enum(Side::class));
    }
}
