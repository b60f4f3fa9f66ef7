<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use KindChair\Body\AgeBand;
use KindChair\Body\Joint;
use KindChair\Body\JointAction;
use KindChair\Body\RangeTable;
use KindChair\Body\Side;
use KindChair\Figure\Contacts;
use KindChair\Figure\DrawnSeat;
use KindChair\Figure\Settled;
use KindChair\Figure\Sketch;
use KindChair\Format\FormatError;
use KindChair\Format\Node;
use KindChair\Format\ShapeReader;
use KindChair\Movement\AngleRole;
use KindChair\Movement\Angles;
use KindChair\Movement\Base;
use KindChair\Movement\Phase;
use KindChair\Movement\Position;
use KindChair\Movement\SideUse;
use KindChair\Movement\View;

/** A pose that is being set on the figure, and the joint that is held. */
final class AskPose extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'angles' => ['present', 'array'],
            'position' => ['required', Rule::enum(Position::class)],
            'base' => ['required', Rule::enum(Base::class)],
            'view' => ['required', Rule::enum(View::class)],
            'sides' => ['required', Rule::enum(SideUse::class)],
            'side' => ['required', Rule::enum(Side::class)],
            'joint' => ['nullable', Rule::enum(Joint::class)],
            'role' => ['nullable', Rule::enum(AngleRole::class)],
            'action' => ['nullable', Rule::enum(JointAction::class)],
            'group' => ['nullable', 'integer'],
            'age' => ['nullable', Rule::enum(AgeBand::class)],
            'body' => ['nullable', 'array'],
            'step' => ['required_with:body', 'string', 'max:80'],
            'phase' => ['required_with:body', Rule::enum(Phase::class)],
        ];
    }

    /** @throws FormatError when an angle is none */
    public function angles(): Angles
    {
        return ShapeReader::angles(Node::root($this->validated('angles'), '/angles'));
    }

    /** @throws FormatError when an angle is none, or a hand lies nowhere */
    public function sketch(RangeTable $ranges): Sketch
    {
        $position = Position::from($this->validated('position'));
        $seat = DrawnSeat::of(Base::from($this->validated('base')), $position);
        $body = $this->validated('body');
        $use = ShapeReader::bodyUse(is_array($body) ? Node::root($body, '/body') : null);
        $angles = $this->angles();
        $back = Settled::stepsBack($use, [$angles], $seat);

        return Sketch::of(
            $body === null ? $angles : (new Contacts($ranges))->shaped($angles, $use, $this->validated('step'), Phase::from($this->validated('phase')), $seat, $position, $back),
            $seat,
            View::from($this->validated('view')),
            SideUse::from($this->validated('sides')),
            Side::from($this->validated('side')),
            $this->joint(),
            $this->role(),
            $use,
            $position,
            $this->validated('step') ?? '',
            Phase::tryFrom($this->validated('phase') ?? '') ?? Phase::Cycle,
            $back,
        );
    }

    public function joint(): ?Joint
    {
        return Joint::tryFrom($this->validated('joint') ?? '');
    }

    public function role(): ?string
    {
        return $this->validated('role');
    }

    public function action(): ?JointAction
    {
        return JointAction::tryFrom($this->validated('action') ?? '');
    }

    public function age(): ?AgeBand
    {
        return AgeBand::tryFrom($this->validated('age') ?? '');
    }
}
