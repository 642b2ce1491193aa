<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Pages\Listings;
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
            'account' => $user instanceof User ? Listings::account($user) : null,
            'notice' => $request->hasSession() ? $request->session()->get('notice') : null,
        ];
    }
}
