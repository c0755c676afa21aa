<?php

declare(strict_types=1);

/*
 * The application with one page more: an empty one, behind the same middleware, to measure the others against.
 */

use Illuminate\Http\Request;
use Illuminate\Support\Facades\Route;

// A request is short and its values make no circles: looking for them costs more than it frees.
gc_disable();

require __DIR__.'/../../vendor/autoload.php';

$app = require __DIR__.'/../../bootstrap/app.php';
$add = static function (): void {
    Route::middleware('web')->get('empty-page', static fn (): string => '<!doctype html><title>Empty</title>');
};
// After the routes that are remembered, which come when all else has booted.
$app->booted(static fn () => $app->booted(static fn () => $app->booted($add)));
$app->handleRequest(Request::capture());
