<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Scheme;
use App\Pages\SurveyPage;
use Illuminate\Contracts\View\View;

/** What was taped on site of a scheme, and what is still to be taped; to be printed and taken there. */
final class SurveyController
{
    public function __invoke(Scheme $scheme): View
    {
        return view('survey', ['page' => new SurveyPage($scheme)]);
    }
}
