<?php

declare(strict_types=1);

namespace KindChair\Plan;

/** Which way the breath goes. Source: schools of practice. */
enum BreathRoute: string
{
    case Either = 'either';
    case Nose = 'nose';
    case NoseMouth = 'nose-mouth';

    /** What is said of it once, before the first practice of breath. */
    public function said(): string
    {
        return match ($this) {
            self::Either => '',
            self::Nose => 'In and out through the nose, or as it comes.',
            self::NoseMouth => 'In through the nose, out through the mouth, or as it comes.',
        };
    }
}
