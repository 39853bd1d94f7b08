@php($id = 'wish-'.Illuminate\Support\Str::random(8))
<li class="wish">
    <input class="form-control form-control-sm" id="{{ $id }}" name="wishes[]" maxlength="{{ App\Http\Requests\BriefRequest::LONGEST }}" value="{{ $wish->typed }}" aria-label="Wish" aria-describedby="{{ $id }}-reading" autocomplete="off" spellcheck="true" @if ($wish->problem !== null) aria-invalid="true" @endif @disabled($locked ?? false) hx-get="{{ route('brief.wish', $page->project) }}" hx-trigger="input changed delay:350ms" hx-target="#{{ $id }}-reading" hx-sync="this:replace" hx-params="wishes[]">
    @unless ($locked ?? false)<button type="button" class="btn btn-sm btn-quiet" data-removes="li" aria-label="Remove this wish">×</button>@endunless
    <div class="wish-reading" id="{{ $id }}-reading" aria-live="polite">@include('brief.reading', ['isSaved' => $isSaved ?? false])</div>
</li>
