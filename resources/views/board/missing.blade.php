{{-- What a finding lacks: a button to the field or the place that says it. --}}
<p class="evidence-missing"><b>Not known:</b>
    @foreach ($page->missing($finding) as $number => $alternatives)
        @foreach ($alternatives as $other => $one)
            @if ($other > 0) or @endif
            @if ($one->element === null)
                <span>{{ $one->words }}</span>
            @else
                <button type="button" class="btn btn-link" data-states="{{ $one->element }}" data-storey="{{ $one->storey }}" data-control="{{ $one->control }}" data-space="{{ $one->space }}">{{ $one->words }}</button>
            @endif
        @endforeach
        @unless ($loop->last); @endunless
    @endforeach
</p>
