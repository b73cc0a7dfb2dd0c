@include('stations.layout.picture')
@include('stations.layout.figures', ['oob' => true])
