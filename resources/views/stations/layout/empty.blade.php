<h1 class="sentence">Nothing is laid out yet. <b>Say how long it is, or take it from the circuit.</b></h1>
<p class="acts">
    @foreach ($page->unlaid() as $light)
        <x-act
            :edit="$page->layOut($light)"
            class="is-primary"
        >Lay out {{ BenchGlow\Quantity\Words::within($light->label) }}</x-act>
    @endforeach
</p>
@include('stations.layout.begin')
