@if (count($page->storeys()) > 1)
    <form class="fields fields-inline" data-form="copy">
        <label for="copy-storey">The same place on</label>
        <select id="copy-storey" name="to_storey">@foreach ($page->storeys() as $storey)@if ($storey->id !== $page->storey)<option value="{{ $storey->id }}">{{ $storey->name }}</option>@endif @endforeach</select>
        <button class="btn btn-tool btn-sm">Copy</button>
    </form>
@endif
