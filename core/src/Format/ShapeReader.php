<?php

declare(strict_types=1);

namespace KindChair\Format;

use KindChair\Body\JointAction;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Angles;
use KindChair\Movement\BodyNote;
use KindChair\Movement\BodyUse;
use KindChair\Movement\Effort;
use KindChair\Movement\ElbowContact;
use KindChair\Movement\ElbowPlace;
use KindChair\Movement\FaceForm;
use KindChair\Movement\HandContact;
use KindChair\Movement\HandPlace;
use KindChair\Movement\LegContact;
use KindChair\Movement\Pulled;
use KindChair\Movement\Touch;
use KindChair\Movement\TouchKind;

/** Reads what a shape is made of: angles, and what touches, works or is felt (schema/movement.schema.json, angles and body). */
final readonly class ShapeReader
{
    /** @throws FormatError */
    public static function angles(?Node $node): Angles
    {
        $byRole = [];
        foreach ($node?->members() ?? [] as $role => $actions) {
            if (AngleRole::tryFrom($role) === null) {
                throw FormatError::notOneOf($actions->place, array_column(AngleRole::cases(), 'value'), $role);
            }
            $degrees = self::degrees($actions);
            if ($degrees !== []) {
                $byRole[$role] = $degrees;
            }
        }

        return new Angles($byRole);
    }

    /**
     * @return array<string, int> by joint action
     * @throws FormatError
     */
    public static function degrees(?Node $node): array
    {
        $all = [];
        foreach ($node?->members() ?? [] as $action => $degrees) {
            if (JointAction::tryFrom($action) === null) {
                throw FormatError::isUnknown($degrees->place, 'joint action', $action);
            }
            if ($degrees->int() < 0 || $degrees->int() > 180) {
                throw $degrees->expected('0 to 180 degrees');
            }
            $all[$action] = $degrees->int();
        }

        return $all;
    }

    /**
     * @return list<HandContact>
     * @throws FormatError
     */
    public static function hands(?Node $node): array
    {
        return array_map(static fn (Node $hand): HandContact => new HandContact(
            $hand->at('who')->enum(AngleRole::class),
            $hand->at('on')->enum(HandPlace::class),
            $hand->maybe('bears')?->bool() ?? false,
            $hand->maybe('across')?->bool() ?? false,
            $hand->maybe('in')?->strings() ?? [],
        ), $node?->items() ?? []);
    }

    /**
     * @return list<ElbowContact>
     * @throws FormatError
     */
    public static function elbows(?Node $node): array
    {
        return array_map(static fn (Node $elbow): ElbowContact => new ElbowContact(
            $elbow->at('who')->enum(AngleRole::class),
            $elbow->at('on')->enum(ElbowPlace::class),
            $elbow->maybe('slides')?->bool() ?? false,
            $elbow->maybe('in')?->strings() ?? [],
        ), $node?->items() ?? []);
    }

    /** @throws FormatError */
    public static function bodyUse(?Node $node): BodyUse
    {
        $legs = $node?->maybe('legs');

        return new BodyUse(
            hands: self::hands($node?->maybe('hands')),
            legs: $legs?->enum(LegContact::class),
            effort: array_map(static fn (Node $effort): Effort => $effort->enum(Effort::class), $node?->maybe('effort')?->items() ?? []),
            touch: array_map(static fn (Node $touch): Touch => new Touch($touch->at('does')->enum(TouchKind::class), $touch->at('where')->string()), $node?->maybe('touch')?->items() ?? []),
            pulls: array_map(static fn (Node $pulled): Pulled => $pulled->enum(Pulled::class), $node?->maybe('pulls')?->items() ?? []),
            also: array_map(static fn (Node $note): BodyNote => $note->enum(BodyNote::class), $node?->maybe('also')?->items() ?? []),
            face: array_map(static fn (Node $form): FaceForm => $form->enum(FaceForm::class), $node?->maybe('face')?->members() ?? []),
            elbows: self::elbows($node?->maybe('elbows')),
        );
    }
}
