<div class="round-beside" id="round-beside">
    <button type="button" class="btn btn-tool" id="round-beside-opens" aria-expanded="false" aria-controls="round-beside-view">In the round</button>
    <div id="round-beside-view" data-address="{{ $address }}?small=1" hidden></div>
</div>
