<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Heurema\Units\ExpectedLength;
use Heurema\Units\LengthReader;
use Heurema\Units\UnitSystem;
use Heurema\Units\UnreadableLength;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Says how a length being typed is understood, before it counts. */
final class LengthController
{
    public function __invoke(Request $request): Response
    {
        $units = UnitSystem::tryFrom($request->string('units')->value()) ?? UnitSystem::Metric;
        $text = $request->string('text')->value();
        if (trim($text) === '') {
            return response('');
        }
        try {
            $read = (new LengthReader($units))->read($text);
        } catch (UnreadableLength $e) {
            return response(e($e->getMessage()), 422);
        }
        $doubt = $this->kind($request->string('kind')->value())?->doubt($read->mm);

        return response(e($read->reading.($doubt === null ? '' : '. '.$doubt->question($units->notation()))));
    }

    private function kind(string $name): ?ExpectedLength
    {
        foreach (ExpectedLength::cases() as $kind) {
            if ($kind->name === $name) {
                return $kind;
            }
        }

        return null;
    }
}
