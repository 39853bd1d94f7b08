@props(['id', 'name', 'value' => ''])
<span class="field"><input id="{{ $id }}" name="{{ $name }}" value="{{ $value }}" size="9" autocomplete="off" data-length aria-describedby="reading-{{ $id }}"><output id="reading-{{ $id }}" class="reading"></output></span>
