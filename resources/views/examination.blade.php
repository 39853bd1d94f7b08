<div class="examination" id="examination" @if ($batch && !$batch->finished()) hx-get="{{ route('examination') }}" hx-trigger="every 1s" hx-swap="outerHTML" @endif>
    @if ($batch)
        <label for="examination-progress">{{ $batch->finished() ? __('All open reviews have been examined again') : __('Examining all open reviews again') }}</label>
        <progress id="examination-progress" max="{{ max(1, $batch->totalJobs) }}" value="{{ $batch->processedJobs() }}"></progress>
        <span>{{ $batch->processedJobs() }} of {{ $batch->totalJobs }}@if ($batch->failedJobs > 0), {{ $batch->failedJobs }} failed @endif</span>
    @endif
</div>
