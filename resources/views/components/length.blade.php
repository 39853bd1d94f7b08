@props(['id', 'name', 'value' => '', 'kind' => ''])
<span class="field"><input id="{{ $id }}" name="{{ $name }}" value="{{ $value }}" size="9" autocomplete="off" data-length="{{ $kind }}" aria-describedby="reading-{{ $id }}"><output id="reading-{{ $id }}" class="reading"></output></span>
