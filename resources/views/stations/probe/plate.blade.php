@panel('stations.probe.all')
