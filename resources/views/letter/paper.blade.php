<!DOCTYPE html>
<html lang="{{ app()->getLocale() }}">
<head>
    <meta charset="utf-8">
    <title>Corrections, {{ $draft->revision->scheme->project->name }}</title>
    <style>
        @page { margin: 18mm 18mm 20mm; size: {{ $draft->paper()->upright() }}; }
        body { color: #1b2638; font-family: "DejaVu Sans", sans-serif; font-size: 10pt; line-height: 1.4; margin: 0; max-width: 180mm; }
        h1 { font-size: 17pt; font-weight: normal; margin: 0 0 2mm; }
        h2 { border-bottom: 0.4pt solid #9c4f26; font-size: 12pt; margin: 7mm 0 2mm; padding-bottom: 1mm; page-break-after: avoid; }
        p { margin: 0 0 2mm; }
        table { border-collapse: collapse; width: 100%; }
        td, th { padding: 1mm 3mm 1mm 0; text-align: left; vertical-align: top; }
        .title td, .title th { border-bottom: 0.4pt solid #d8ccb6; }
        .title .name { color: #515c70; font-weight: normal; width: 28mm; }
        .item { border-bottom: 0.4pt solid #d8ccb6; page-break-inside: avoid; }
        .item td { padding-bottom: 3mm; padding-top: 3mm; }
        .number { color: #bf3019; font-size: 14pt; font-weight: bold; width: 9mm; }
        .crop { width: 78mm; }
        .crop img { width: 76mm; }
        @media screen and (max-width: 45em) { .crop { width: 38%; } .crop img { width: 100%; } }
        .rule { font-weight: bold; }
        .soft { color: #515c70; font-size: 9pt; }
        .words { border-left: 1.5pt solid #9c4f26; margin-top: 2mm; padding-left: 3mm; }
        .plan { page-break-inside: avoid; }
        .plan img { width: 170mm; }
        ul { margin: 0; padding-left: 5mm; }
        li { margin-bottom: 0.6mm; }
    </style>
</head>
<body>
<main>
    @php($project = $draft->revision->scheme->project)
    @php($picture = fn (string $svg): string => 'data:image/svg+xml;base64,'.base64_encode($svg))
    <h1>Corrections</h1>
    <table class="title">
        <tr><th class="name" scope="row">Home</th><td>{{ $project->name }}</td></tr>
        @if ($project->address)<tr><th class="name" scope="row">Address</th><td>{{ $project->address }}</td></tr>@endif
        <tr><th class="name" scope="row">Drawing</th><td>{{ $draft->revision->scheme->name }}, revision {{ $draft->revision->number }}, handed in by {{ $draft->revision->submitter->name }} on {{ $draft->revision->created_at->translatedFormat(__('j F Y')) }}</td></tr>
        <tr><th class="name" scope="row">Checked against</th><td>{{ implode('; ', array_map(fn ($book) => $book->title, $draft->report->books)) }}</td></tr>
        <tr><th class="name" scope="row">Sent by</th><td>{{ $by->name }}, {{ $project->office->name }}, {{ $on->translatedFormat(__('j F Y')) }}</td></tr>
    </table>

    @forelse ($draft->groups() as $group => $items)
        <h2>{{ $group }}</h2>
        <table>
            @foreach ($items as $item)
                @php($crop = $draft->crop($item))
                <tr class="item">
                    <td class="number">{{ $item->number }}</td>
                    <td>
                        <p><span class="rule">{{ $item->title() }}</span>@if ($item->source() !== '')<br><span class="soft">{{ $item->source() }}</span>@endif</p>
                        <p>{{ $item->subject() }}</p>
                        @if ($item->finding?->measuredText())<p>Measured {{ $item->finding->measuredText() }}<br>Required {{ $item->finding->limitText() }}@if ($item->finding->missedText())<br>{{ Heurema\Language\Text::capital($item->finding->missedWay()) }} by {{ $item->finding->missedText() }}@endif</p>@endif
                        @if ($item->finding?->reason())<p class="soft">{{ $item->finding->reason() }}</p>@endif
                        @if (($item->finding?->outcome->missing ?? []) !== [])<p>Not known from the drawing: {{ implode('; ', $draft->missing($item->finding)) }}</p>@endif
                        @if ($item->words())<p class="words">{{ $item->asks() ? __('Please answer:').' ' : '' }}{{ $item->words() }}</p>@endif
                    </td>
                    <td class="crop">@if ($crop)<img src="{{ $picture($crop) }}" alt="Plan around item {{ $item->number }}">@endif</td>
                </tr>
            @endforeach
        </table>
    @empty
        <p>Nothing has been upheld or asked.</p>
    @endforelse

    @foreach ($draft->plans() as $storey => $plan)
        <div class="plan"><h2>Plan of {{ $storey }}</h2><img src="{{ $picture($plan) }}" alt="Plan of {{ $storey }} with the numbers of the items"></div>
    @endforeach

    @foreach ($draft->storeysInTheRound() as $storey => $drawing)
        <div class="plan"><h2>{{ $storey }} in the round</h2><img src="{{ $picture($drawing) }}" alt="{{ $storey }} from above and aside with the numbers of the items"></div>
    @endforeach

    <h2>Checked and met</h2>
    @foreach ($draft->met() as $book => $rules)<p><b>{{ $book }}</b></p><ul>@foreach ($rules as $rule)<li>{{ $rule }}</li>@endforeach</ul>@endforeach

    @if ($draft->assumptions() !== [])<h2>What was assumed</h2><ul>@foreach ($draft->assumptions() as $assumption)<li>{{ $assumption }}</li>@endforeach</ul>@endif

    <h2>What was not checked</h2>
    @if ($draft->notChecked() !== [])<ul>@foreach ($draft->notChecked() as $line)<li>{{ $line }}</li>@endforeach</ul>@endif
    <p>Structure, installations, energy, fire protection of constructions and everything that a plan does not show are not part of this review. The rule books hold values from memory of the published texts.</p>
</main>
</body>
</html>
