<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Data\AccountData;
use App\Models\User;
use Illuminate\Http\Request;
use Inertia\Middleware;

final class HandleInertiaRequests extends Middleware
{
    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();

        return [
            ...parent::share($request),
            'account' => $user instanceof User ? AccountData::of($user) : null,
            'notice' => $request->hasSession() ? $request->session()->get('notice') : null,
        ];
    }
}
