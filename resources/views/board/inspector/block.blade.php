@php($blocks = $page->blocks())
<form class="fields fields-inline" data-form="resize-block" data-tries novalidate>
    <label for="block-size">Clear size, width × depth</label>
    <x-length id="block-size" name="size" kind="size" :value="$blocks->size($page->chosen->id())" size="18"/>
    <button class="btn btn-tool btn-sm">Set</button>
</form>
<p class="inspector-acts"><button type="button" class="btn btn-tool" data-act="turn" title="t">Turn</button></p>
@foreach (['push' => __('Push edge to edge'), 'stretch' => __('Stretch into what is left')] as $how => $label)
    <h3>{{ $label }}</h3>
    <p class="inspector-acts">@foreach (['left' => __('to the left'), 'right' => __('to the right'), 'upper' => __('up'), 'lower' => __('down')] as $towards => $words)<button type="button" class="btn btn-tool" data-does="push-block" data-values="{{ json_encode(['how' => $how, 'side' => $towards]) }}">{{ $words }}</button> @endforeach</p>
@endforeach
@if (count($blocks->blocks) > 1)
    <form class="fields fields-inline" data-form="swap-blocks">
        <label for="swap-with">Swap places with</label>
        <select id="swap-with" name="with">@foreach ($blocks->blocks as $block)@if ($block->id !== $page->chosen->id())<option value="{{ $block->id }}">{{ $block->name }}</option>@endif @endforeach</select>
        <button class="btn btn-tool btn-sm">Swap</button>
    </form>
@endif
@include('board.inspector.blocks')
