<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Http\Request;

/** The signed-in teacher; everything is looked up through them, so another teacher's data is simply not there. */
trait OwnData
{
    private function teacher(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : abort(401);
    }
}
