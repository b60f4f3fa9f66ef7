<?php

declare(strict_types=1);

namespace KindChair\Figure;

/** Lengths of the one body that is drawn, in units of 1.65 cm. Heights are over the middle between the hips. */
final class Measures
{
    public const FLOOR = -29.35;
    public const UPPER_ARM = 16.0;
    public const FOREARM = 15.0;
    /** From the wrist to the middle of the hand, and to the last joint of its fingers. */
    public const HAND = 4.6;
    public const FINGERS = 8.0;
    public const THIGH = 24.0;
    public const SHIN = 24.0;
    /** Height of the ankle over the sole of a foot that stands. */
    public const ANKLE = 4.35;
    public const SHOULDER_HALF = 11.0;
    /** Units by which the hip joints lie under the middle of the pelvis. */
    public const HIP_BELOW = 1.0;
}
