@include('brief.wish')
<p class="field-error" id="compose-refused" role="alert" hx-swap-oob="true"></p>
