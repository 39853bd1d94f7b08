@if ($wish->problem !== null)<p class="field-error">{{ $wish->problem }}</p>
@elseif ($wish->says !== [])
    <p class="wish-says">@if ($verdict = $wish->verdict())<x-verdict :verdict="$verdict"/> <b>{{ Heurema\Language\Text::capital($verdict->words()) }}.</b>@else<b>Nothing to check in this home.</b>@endif {{ $wish->reading() }}.</p>
    @foreach ($wish->byRule() as $title => $findings)
        <p class="wish-figures"><span class="wish-rule">{{ $title }}</span>
            @foreach (array_slice($findings, 0, App\Pages\ReadWish::LISTED) as $finding)@php($name = $finding->subject->type() === Heurema\Spatial\Subject\SubjectType::Dwelling ? '' : $finding->subject->name())<span class="wish-figure"><x-verdict :verdict="$finding->verdict()" :slim="$finding->outcome->slim"/><span class="visually-hidden">{{ $finding->verdict()->words() }}:</span> @if ($isSaved ?? false)<a href="{{ $page->address($finding) }}">{{ $name === '' ? __('The home') : $name }}</a>: @elseif ($name !== '')<b>{{ $name }}</b>: @endif{{ App\Pages\ReadWish::figure($finding) }}</span>@endforeach
            @if (count($findings) > App\Pages\ReadWish::LISTED)<span class="wish-figure">and {{ count($findings) - App\Pages\ReadWish::LISTED }} more</span>@endif
        </p>
    @endforeach
@endif
