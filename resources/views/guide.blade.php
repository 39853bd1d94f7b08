@php($guide = App\Pages\Guide::of($project, auth()->user()))
<div class="guide" id="guide" @if ($guide === null) hidden @endif @if ($oob ?? false) hx-swap-oob="true" @endif>
    @if ($guide !== null)
        @php($next = $guide->next())
        <ol class="guide-steps" aria-label="Steps">@foreach ($guide->steps as $step)<li @if ($step === $next) aria-current="step" @endif @class(['guide-done' => $step->isDone])><span class="visually-hidden">{{ $step->isDone ? __('Done:').' ' : '' }}{{ $step->title }}</span></li>@endforeach</ol>
        <p><b>{{ $guide->number() }} of {{ count($guide->steps) }}: <a href="{{ $next->address }}">{{ $next->title }}</a>.</b> {{ $next->how }}</p>
        <form method="post" action="{{ route('guide.end', $project) }}">@csrf @method('delete')<button class="btn btn-sm btn-quiet">End the guide</button></form>
    @endif
</div>
