<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\BoardAnswer;
use App\Http\BoardParts;
use App\Http\Requests\DimensionStyleRequest;
use App\Models\Scheme;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** How the plans of a scheme are dimensioned: a matter of looking, not of the layout. */
final readonly class DimensionStyleController
{
    public function update(DimensionStyleRequest $request, Scheme $scheme, BoardAnswer $answer): Response|StreamedResponse
    {
        $scheme->update(['dimensions' => $request->style()->toArray()]);
        $page = $answer->page($scheme, $request, $request->string('storey')->value(), $request->string('select')->value());

        return BoardParts::for($request)->answer($page);
    }
}
