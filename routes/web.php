<?php

declare(strict_types=1);

use App\Http\Controllers\Account;
use App\Http\Controllers\Moments;
use App\Http\Controllers\Nights;
use Illuminate\Support\Facades\Route;

Route::redirect('/', '/nights')->name('home');

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', Account\ShowSignIn::class)->name('login');
    Route::post('/sign-in', Account\SignIn::class)->middleware('throttle:accounts');
    Route::get('/register', Account\ShowRegistration::class)->name('register');
    Route::post('/register', Account\Register::class)->middleware('throttle:accounts');
    Route::get('/forgotten', Account\ShowForgotten::class)->name('password.request');
    Route::post('/forgotten', Account\SendResetLink::class)->middleware('throttle:accounts');
    Route::get('/reset/{token}', Account\ShowReset::class)->name('password.reset');
    Route::post('/reset', Account\ResetPassword::class)->middleware('throttle:accounts');
});

Route::middleware('auth')->group(static function (): void {
    Route::post('/sign-out', Account\SignOut::class)->name('sign-out');
    Route::get('/nights', Nights\ListNights::class)->name('nights.index');
    Route::post('/nights', Nights\StartNight::class);
    Route::get('/nights/{night}', Nights\ShowNight::class)->can('view', 'night')->name('nights.show');
    Route::delete('/nights/{night}', Nights\DeleteNight::class)->can('delete', 'night');
    Route::post('/nights/{night}/moments', Moments\AddMoment::class)->can('update', 'night');
    Route::get('/moments/{moment}', Moments\ShowBench::class)->can('view', 'moment')->name('moments.bench');
    Route::put('/moments/{moment}', Moments\SaveMoment::class)->can('update', 'moment');
    Route::delete('/moments/{moment}', Moments\DeleteMoment::class)->can('delete', 'moment');
    Route::post('/moments/{moment}/solve', Moments\SolveMoment::class)->can('view', 'moment');
    Route::post('/moments/{moment}/costs', Moments\PriceMoment::class)->can('view', 'moment');
    Route::get('/moments/{moment}/document', Moments\DownloadMoment::class)->can('view', 'moment');
});
