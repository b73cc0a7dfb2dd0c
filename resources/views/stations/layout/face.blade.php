<div class="face">
    @include('frame.positions')
    @include('stations.layout.figures', ['oob' => false])
</div>
