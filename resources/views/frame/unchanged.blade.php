<p
    id="refused"
    class="refused"
    hx-swap-oob="true"
></p>@include('frame.echo')
