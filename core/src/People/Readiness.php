<?php

declare(strict_types=1);

namespace KindChair\People;

/** How someone came to class today. It changes what they do today, never their record. */
final readonly class Readiness
{
    /** Pain from which a class asks for less. Source: step back after pain above 3 of 10. */
    private const PAIN_FROM = 4;

    /** @param int $pain 0 to 10 */
    public function __construct(public int $pain, public bool $isDizzy, public bool $hasNewMedicine, public bool $hasFallen)
    {
        if ($pain < 0 || $pain > 10) {
            throw InvalidPerson::painIs($pain);
        }
    }

    /** @return list<string> codes of the precautions that hold for today */
    public function codes(): array
    {
        return array_values(array_filter([
            $this->pain >= self::PAIN_FROM ? 'today-pain' : null,
            $this->isDizzy ? 'today-dizzy' : null,
            $this->hasNewMedicine ? 'today-medicine' : null,
            $this->hasFallen ? 'today-fall' : null,
        ]));
    }
}
